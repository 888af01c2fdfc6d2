/**
 * Settings of which only some are named. What is made of parts (the block of a mode, its logins, the hang times of the
 * modes) takes its parts one by one; everything else is taken whole.
 */
import { pairOf } from './carriage';
import { MODE_DATA, NETWORK_MODE_IDS } from './modes';
import { type PathKey, sameJson } from './patches';
import type { Carriage, NetworkModeId, ProfileValues, SomeValues } from './types';

type Parts = Record<PathKey, unknown>;

/** What the parts of a map within a block are before anything was said of them; `undefined` for what is no such map. */
function blankPart(mode: PathKey, key: PathKey): (() => object) | undefined {
  const isMode = NETWORK_MODE_IDS.includes(mode as NetworkModeId);
  return isMode ? MODE_DATA[mode as NetworkModeId].blanks.profileParts?.[String(key)] : undefined;
}

/** Whether the value at a path is made of parts. */
function hasParts([block, key, part, ...deeper]: readonly PathKey[]): boolean {
  if (block === undefined) return true;
  if (key === undefined) return block === 'modeHang' || NETWORK_MODE_IDS.includes(block as NetworkModeId);
  if (deeper.length > 0) return false;
  return part === undefined ? blankPart(block, key) !== undefined : hasParts([block, key]) && block !== 'modeHang';
}

const isParts = (value: unknown): value is Parts => typeof value === 'object' && value !== null;

/** Of what a profile carries it says what is on; what the hotspot can do is said in its base. */
function carriageAbove(base: readonly Carriage[], own: readonly Carriage[]): Carriage[] {
  const named = (list: readonly Carriage[], { air, network }: Carriage) =>
    list.find((one) => one.air === air && one.network === network);
  return [
    ...base.map((one) => ({ ...one, on: (named(own, one) ?? one).on })),
    ...own.filter((one) => !named(base, one)).map((one) => ({ ...one, able: false })),
  ];
}

function above(base: Parts, own: Parts, path: readonly PathKey[]): Parts {
  const values: Parts = { ...base };
  for (const [key, value] of Object.entries(own)) {
    const here = [...path, key];
    const below = base[key] ?? (path.length === 2 ? blankPart(path[0]!, path[1]!)?.() : undefined);
    if (path.length === 0 && key === 'carriage')
      values[key] = carriageAbove(base[key] as Carriage[], value as Carriage[]);
    else values[key] = hasParts(here) && isParts(below) && isParts(value) ? above(below, value, here) : value;
  }
  return values;
}

/** All values, those of `own` above those of a base. Parts that `own` does not name are the base's own objects. */
export function valuesAbove(base: ProfileValues, own: SomeValues): ProfileValues {
  return above(base as unknown as Parts, own as Parts, []) as unknown as ProfileValues;
}

/** The paths at which two sets of values differ: each at the smallest part that can be set by itself. */
export function differingPaths(one: unknown, other: unknown, path: readonly PathKey[] = []): PathKey[][] {
  if (sameJson(one, other)) return [];
  if (!hasParts(path) || !isParts(one) || !isParts(other)) return [[...path]];
  const keys = [...new Set([...Object.keys(one), ...Object.keys(other)])];
  return keys.flatMap((key) => differingPaths(one[key], other[key], [...path, key]));
}

/** The value at a path, `undefined` where nothing is named there. */
export function valueAt(values: unknown, path: readonly PathKey[]): unknown {
  return path.reduce<unknown>((here, key) => (isParts(here) ? here[key] : undefined), values);
}

/** The paths of all that a set names, each to a value that is taken whole. */
export function namedPaths(own: unknown, path: readonly PathKey[] = []): PathKey[][] {
  if (!hasParts(path) || !isParts(own)) return [[...path]];
  return Object.entries(own).flatMap(([key, value]) => namedPaths(value, [...path, key]));
}

/** How deep a path goes into what is named: to the value that is taken whole. */
function wholeAt(path: readonly PathKey[]): readonly PathKey[] {
  let length = 1;
  while (length < path.length && hasParts(path.slice(0, length))) length += 1;
  return path.slice(0, length);
}

/** Whether a set names the value at a path, or some of it where it is made of parts. */
export function names(own: SomeValues, path: readonly PathKey[]): boolean {
  return valueAt(own, wholeAt(path)) !== undefined;
}

/** Names a value in a draft. A pair of `carriage` is named by itself. */
export function setSome(own: SomeValues, path: readonly PathKey[], value: unknown): void {
  const last = path.at(-1)!;
  let here = own as Parts;
  for (const key of path.slice(0, -1)) here = (here[key] ??= {}) as Parts;
  here[last] = value;
}

/** Takes what a set names at a path out of it, and what is left empty by that. */
export function forgetSome(own: SomeValues, path: readonly PathKey[]): void {
  const whole = wholeAt(path);
  for (let length = whole.length; length > 0; length -= 1) {
    const holder = valueAt(own, whole.slice(0, length - 1));
    if (!isParts(holder)) continue;
    const value = holder[whole[length - 1]!];
    const isEmptied = isParts(value) && Object.keys(value).length === 0;
    if (length === whole.length || (isEmptied && !Array.isArray(value))) delete holder[whole[length - 1]!];
  }
}

/** The pairs of an edited list that are to be named above a base: those that are on in one and not in the other. */
export function carriageDiffering(
  before: readonly Carriage[],
  after: readonly Carriage[],
  own: readonly Carriage[] | undefined,
): Carriage[] {
  const isOn = (list: readonly Carriage[], { air, network }: Carriage) => pairOf({ carriage: list }, air, network).on;
  const changed = after.filter((one) => isOn(before, one) !== one.on);
  const gone = before.filter((one) => one.on && !after.some((it) => it.air === one.air && it.network === one.network));
  const fresh = [...changed, ...gone.map((one) => ({ ...one, on: false }))];
  const kept = (own ?? []).filter((one) => !fresh.some((it) => it.air === one.air && it.network === one.network));
  return [...kept, ...fresh.map(({ air, network, able, on }) => ({ air, network, able, on }))];
}
