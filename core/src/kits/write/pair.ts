/** Rows of the plan beside rows of the files that are the same thing. */
import type { Id } from '../../plan/types';

/** What two rows must have in common; `null`: the row is not held against others in this way. */
export interface Likeness<Mine, Other> {
  of(row: Mine): string | null;
  there(row: Other): string | null;
}

/** Pairs each row with the first one left that is like it: all rows in the first way, then the rest in the next. */
export function pairRows<Mine, Other extends { id: Id }>(
  mine: readonly Mine[],
  others: readonly Other[],
  ways: readonly Likeness<Mine, Other>[],
): Map<Mine, Other> {
  const pairs = new Map<Mine, Other>();
  const taken = new Set<Id>();
  for (const { of, there } of ways) {
    const byKey = new Map<string, Other[]>();
    for (const other of others) {
      const key = taken.has(other.id) ? null : there(other);
      if (key === null) continue;
      const like = byKey.get(key);
      if (like) like.push(other);
      else byKey.set(key, [other]);
    }
    for (const like of byKey.values()) like.reverse();
    for (const row of mine) {
      const key = pairs.has(row) ? null : of(row);
      const found = key === null ? undefined : byKey.get(key)?.pop();
      if (!found) continue;
      pairs.set(row, found);
      taken.add(found.id);
    }
  }
  return pairs;
}
