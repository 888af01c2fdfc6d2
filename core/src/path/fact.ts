import type { Fact, FactKey, FactTypes, Rule, Verdict } from './fact-types';

/** A pair of plain values that must be equal, else the path is `otherwise`. */
export function mustEqual<K extends FactKey>(
  key: K,
  has: FactTypes[K] & (string | number | boolean | null),
  expects: FactTypes[K],
  otherwise: Verdict = 'broken',
): Fact {
  return { key, has, expects, state: has === expects ? 'whole' : otherwise } as Fact;
}

/** A pair whose agreement was decided by the caller. */
export function fact<K extends FactKey>(
  key: K,
  has: FactTypes[K],
  expects: FactTypes[K] | Rule<K>,
  agrees: boolean,
  otherwise: Verdict = 'broken',
): Fact {
  return { key, has, expects, state: agrees ? 'whole' : otherwise } as Fact;
}
