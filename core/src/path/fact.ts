import type { Fact, FactKey, FactValue, Verdict } from './types';

/** A pair that must be equal, else the path is `otherwise`. */
export function mustEqual(key: FactKey, has: FactValue, expects: FactValue, otherwise: Verdict = 'broken'): Fact {
  return { key, has, expects, state: has === expects ? 'whole' : otherwise };
}

/** A pair whose agreement was decided by the caller. */
export function fact(key: FactKey, has: FactValue, expects: FactValue, agrees: boolean, otherwise: Verdict = 'broken'): Fact {
  return { key, has, expects, state: agrees ? 'whole' : otherwise };
}
