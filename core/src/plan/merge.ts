/**
 * Three-way merge of documents, for an edit made on an older version. Both sides' work is kept: objects are
 * merged key by key, lists by member. Where both changed the same value, `mine` (the later) wins and the place is reported.
 */
import { type PathKey, sameJson, toPointer } from './patches';

export interface Merged<T> {
  value: T;
  /** Pointers where both sides had changed the same value differently. */
  conflicts: string[];
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function mergeLists(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]): unknown[] {
  const key = (value: unknown) => JSON.stringify(value);
  const inBase = new Set(base.map(key));
  const inMine = new Set(mine.map(key));
  const inTheirs = new Set(theirs.map(key));
  const sameMembers = mine.length === base.length && mine.every((member) => inBase.has(key(member)));
  // Only reordered by me: my order, with their additions at the end and their removals honoured.
  if (sameMembers && !sameJson(base, mine)) {
    return [
      ...mine.filter((member) => inTheirs.has(key(member))),
      ...theirs.filter((member) => !inMine.has(key(member))),
    ];
  }
  const merged = theirs.filter((member) => inMine.has(key(member)) || !inBase.has(key(member)));
  mine.forEach((member, i) => {
    if (inBase.has(key(member)) || inTheirs.has(key(member))) return;
    const before = i === 0 ? undefined : key(mine[i - 1]);
    const at = before === undefined ? 0 : merged.findIndex((other) => key(other) === before) + 1;
    merged.splice(i > 0 && at === 0 ? merged.length : at, 0, member);
  });
  return merged;
}

function mergeValue(base: unknown, mine: unknown, theirs: unknown, path: PathKey[], conflicts: string[]): unknown {
  if (mine === base || sameJson(mine, base)) return theirs;
  if (theirs === base || sameJson(theirs, base) || sameJson(mine, theirs)) return mine;
  if (Array.isArray(mine) && Array.isArray(theirs)) return mergeLists(Array.isArray(base) ? base : [], mine, theirs);
  if (isObject(mine) && isObject(theirs)) {
    const from = isObject(base) ? base : {};
    const merged: Record<string, unknown> = {};
    for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
      const value = mergeValue(from[key], mine[key], theirs[key], [...path, key], conflicts);
      if (value !== undefined) merged[key] = value;
    }
    return merged;
  }
  conflicts.push(toPointer(path));
  // A removal never swallows the other side's change.
  return mine === undefined ? theirs : mine;
}

/** What both edits of `base` come to. See the head of this file for what wins. */
export function mergeDocuments<T>(base: T, mine: T, theirs: T): Merged<T> {
  const conflicts: string[] = [];
  return { value: mergeValue(base, mine, theirs, [], conflicts) as T, conflicts };
}
