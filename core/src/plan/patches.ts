/**
 * RFC 6902 patches with RFC 6901 pointers: the only way a plan changes on the wire.
 * Applied through Immer, so untouched parts keep their identity.
 */
import { freeze, produce } from 'immer';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type Patch = { op: 'add' | 'replace' | 'test'; path: string; value: unknown } | { op: 'remove'; path: string };

export type PathKey = string | number;

/** A patch that does not fit the document: says which, what was found and what was expected. */
export class PatchError extends Error {
  constructor(
    readonly pointer: string,
    readonly found: string,
    readonly expected: string,
  ) {
    super(`Patch at ${pointer || '/'} does not fit: found ${found}, expected ${expected}.`);
    this.name = 'PatchError';
  }
}

/** A path as a JSON pointer (RFC 6901). */
export function toPointer(path: readonly PathKey[]): string {
  let pointer = '';
  for (const part of path) {
    const key = String(part);
    pointer += `/${/[~/]/.test(key) ? key.replaceAll('~', '~0').replaceAll('/', '~1') : key}`;
  }
  return pointer;
}

/** The parts of a JSON pointer (RFC 6901). */
export function fromPointer(pointer: string): string[] {
  if (pointer === '') return [];
  if (!pointer.startsWith('/')) throw new PatchError(pointer, 'no leading /', 'a JSON pointer (RFC 6901)');
  const keys = pointer.slice(1).split('/');
  return pointer.includes('~') ? keys.map((key) => key.replaceAll('~1', '/').replaceAll('~0', '~')) : keys;
}

const FORBIDDEN_KEYS = new Set(['__proto__', 'constructor', 'prototype']);

function isContainer(value: unknown): value is Record<string, unknown> | unknown[] {
  return typeof value === 'object' && value !== null;
}

function kindOf(value: unknown): string {
  if (value === null) return 'null';
  if (value === undefined) return 'nothing';
  return Array.isArray(value)
    ? 'a list'
    : typeof value === 'object'
      ? 'an object'
      : `${typeof value} ${JSON.stringify(value)}`;
}

/** Whether two JSON values are equal; the order of keys does not count. */
export function sameJson(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (!isContainer(a) || !isContainer(b) || Array.isArray(a) !== Array.isArray(b)) return false;
  const keys = Object.keys(a);
  if (keys.length !== Object.keys(b).length) return false;
  return keys.every((key) => Object.hasOwn(b, key) && sameJson((a as never)[key], (b as never)[key]));
}

function applyToList(list: unknown[], key: string, patch: Patch): Patch {
  const last = patch.op === 'add' ? list.length : list.length - 1;
  const index = key === '-' && patch.op === 'add' ? list.length : Number(key);
  if (!/^(0|[1-9]\d*|-)$/.test(key) || !Number.isInteger(index) || index > last) {
    throw new PatchError(patch.path, `index ${key} in a list of ${list.length}`, `an index up to ${last}`);
  }
  const path = key === '-' ? `${patch.path.slice(0, -1)}${index}` : patch.path;
  const was = list[index];
  if (patch.op === 'add') {
    list.splice(index, 0, patch.value);
    return { op: 'remove', path };
  }
  if (patch.op === 'remove') {
    list.splice(index, 1);
    return { op: 'add', path, value: was };
  }
  list[index] = patch.value;
  return { op: 'replace', path, value: was };
}

/**
 * `open` gives the container at the end of a way, made fit to be changed. Answers the patch that takes it back; a test
 * needs none.
 */
function applyOne(patch: Patch, open: (keys: readonly string[]) => unknown): Patch | null {
  const keys = fromPointer(patch.path);
  const key = keys.pop();
  if (key === undefined) throw new PatchError(patch.path, 'the whole document', 'a place inside it');
  if (FORBIDDEN_KEYS.has(key) || keys.some((part) => FORBIDDEN_KEYS.has(part)))
    throw new PatchError(patch.path, 'a reserved name', 'a property of the plan');
  const parent = open(keys);
  if (!isContainer(parent)) throw new PatchError(patch.path, kindOf(parent), 'an object or a list to hold it');
  const there = Object.hasOwn(parent, key);
  const was = there ? (parent as Record<string, unknown>)[key] : undefined;
  if (patch.op === 'test') {
    if (!sameJson(was, patch.value))
      throw new PatchError(patch.path, JSON.stringify(was) ?? 'nothing', JSON.stringify(patch.value));
    return null;
  }
  if (Array.isArray(parent)) return applyToList(parent, key, patch);
  if (patch.op !== 'add' && !there) throw new PatchError(patch.path, 'nothing', 'an existing value');
  if (patch.op === 'remove') delete parent[key];
  else parent[key] = patch.value;
  return there
    ? { op: patch.op === 'remove' ? 'add' : 'replace', path: patch.path, value: was }
    : { op: 'remove', path: patch.path };
}

const step = (here: unknown, part: string): unknown =>
  isContainer(here) && Object.hasOwn(here, part) ? (here as Record<string, unknown>)[part] : undefined;

/** Carries out patches inside an Immer recipe or on a plain copy. @throws PatchError at the first that does not fit. */
export function applyInPlace(document: object, patches: readonly Patch[]): void {
  for (const patch of patches) applyOne(patch, (keys) => keys.reduce<unknown>(step, document));
}

/** A new document with the patches applied, all or none. @throws PatchError */
export function applyPatches<T extends object>(document: T, patches: readonly Patch[]): T {
  return produce(document, (draft) => applyInPlace(draft as object, patches));
}

/** Copied key by key: of thousands of keys the language’s own spread takes three times as long. */
function copyOfRecord(from: Record<string, unknown>): Record<string, unknown> {
  if (Object.hasOwn(from, '__proto__')) return { ...from };
  const copy: Record<string, unknown> = {};
  for (const key of Object.keys(from)) copy[key] = from[key];
  return copy;
}

/**
 * Several edits on a document, one after the other, each with the patches that take it back. What the edits
 * touch is copied once, whatever their number, so the work grows with the edits and not with their number times the
 * document.
 * @throws PatchError at the first that does not fit; nothing of the document changes then
 */
export function applyEach<T extends object>(
  document: T,
  edits: readonly (readonly Patch[])[],
): { document: T; inverses: Patch[][] } {
  const own = new Set<object>();
  const copyOf = (value: unknown): unknown => {
    if (!isContainer(value) || own.has(value)) return value;
    const copy = Array.isArray(value) ? [...(value as unknown[])] : copyOfRecord(value as Record<string, unknown>);
    own.add(copy);
    return copy;
  };
  const root = copyOf(document) as Record<string, unknown>;
  const open = (keys: readonly string[]): unknown =>
    keys.reduce<unknown>((here, part) => {
      const next = copyOf(step(here, part));
      if (isContainer(next)) (here as Record<string, unknown>)[part] = next;
      return next;
    }, root);
  const inverses = edits.map((patches) => {
    const back: Patch[] = [];
    for (const patch of patches) {
      // A value that is put in is changed by later patches in a copy only.
      if ('value' in patch) freeze(patch.value, true);
      const inverse = applyOne(patch, open);
      if (inverse) back.push(inverse);
    }
    return back.reverse();
  });
  // Of a frozen document all else is frozen already.
  if (!Object.isFrozen(document)) freeze(root, true);
  else for (const copy of own) Object.freeze(copy);
  return { document: root as T, inverses };
}
