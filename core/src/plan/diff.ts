/** The patches that turn one document into another: smallest for objects, by common head and tail for lists. */
import { type Patch, type PathKey, sameJson, toPointer } from './patches';

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Removes from the end, then inserts from the front, so that every index is right when its turn comes. */
export function listPatches(path: readonly PathKey[], before: readonly unknown[], after: readonly unknown[]): Patch[] {
  let head = 0;
  while (head < before.length && head < after.length && sameJson(before[head], after[head])) head += 1;
  let tail = 0;
  while (
    tail < before.length - head &&
    tail < after.length - head &&
    sameJson(before[before.length - 1 - tail], after[after.length - 1 - tail])
  )
    tail += 1;
  const patches: Patch[] = [];
  for (let i = before.length - tail - 1; i >= head; i -= 1)
    patches.push({ op: 'remove', path: toPointer([...path, i]) });
  for (let i = head; i < after.length - tail; i += 1)
    patches.push({ op: 'add', path: toPointer([...path, i]), value: after[i] });
  if (patches.length <= 8) return patches;
  return [{ op: 'replace', path: toPointer(path), value: after }];
}

/** Patches from `before` to `after`; shared parts (same identity) are skipped without being read. */
export function diff(before: unknown, after: unknown, path: readonly PathKey[] = []): Patch[] {
  if (before === after) return [];
  if (Array.isArray(before) && Array.isArray(after)) return listPatches(path, before, after);
  if (!isObject(before) || !isObject(after)) {
    return sameJson(before, after) ? [] : [{ op: 'replace', path: toPointer(path), value: after }];
  }
  const patches: Patch[] = [];
  for (const key of Object.keys(before)) {
    if (!Object.hasOwn(after, key)) patches.push({ op: 'remove', path: toPointer([...path, key]) });
  }
  for (const key of Object.keys(after)) {
    if (!Object.hasOwn(before, key)) patches.push({ op: 'add', path: toPointer([...path, key]), value: after[key] });
    else patches.push(...diff(before[key], after[key], [...path, key]));
  }
  return patches;
}
