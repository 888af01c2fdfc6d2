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

/** A value of which the other end has said nothing: no break, and shown as such. */
export function unsaid<K extends FactKey>(key: K, has: FactTypes[K]): Fact {
  return { key, has, expects: { rule: 'not said' }, state: 'whole', noted: true } as Fact;
}

/** A pair of plain values that must be equal where the other end has said its own; `null`: it has not. */
export function mustMatch<K extends FactKey>(
  key: K,
  has: FactTypes[K] & (string | number | boolean),
  expects: (FactTypes[K] & (string | number | boolean)) | null,
  otherwise: Verdict = 'broken',
): Fact {
  return expects === null ? unsaid(key, has) : mustEqual(key, has, expects, otherwise);
}

/** A pair that agrees as far as is known, and is worth a note all the same. */
export function noted<K extends FactKey>(key: K, has: FactTypes[K], expects: FactTypes[K] | Rule<K>): Fact {
  return { key, has, expects, state: 'whole', noted: true } as Fact;
}
