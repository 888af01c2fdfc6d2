/** Two profiles of a hotspot side by side: where they differ. */
import { sameJson } from '../plan/patches';
import type { Setting } from './setting';

export interface Differing {
  one: Setting | null;
  other: Setting | null;
}

/**
 * The settings in which two lists differ, in the order of the first; those that one alone has come with the other
 * `null`.
 */
export function differingSettings(first: readonly Setting[], second: readonly Setting[]): Differing[] {
  const others = new Map(second.map((one) => [one.id, one]));
  const here = new Set(first.map((one) => one.id));
  return [
    ...first.map((one) => ({ one, other: others.get(one.id) ?? null })),
    ...second.filter((other) => !here.has(other.id)).map((other) => ({ one: null, other })),
  ].filter(({ one, other }) => !one || !other || !sameJson(one.value, other.value));
}
