/** Profiles of hotspots: a base, and others that set only what differs. `effectiveProfile` is the only reader. */
import { current, isDraft } from 'immer';
import { pairOf, setPair } from './carriage';
import { type Patch, type PathKey, sameJson, toPointer } from './patches';
import { rows } from './table';
import type { Carriage, Id, Plan, Profile, ProfileValues } from './types';

/** The profiles of a hotspot, in the plan's order. */
export function profilesOf(plan: Plan, siteId: Id): Profile[] {
  return rows(plan.profiles).filter((one) => one.siteId === siteId);
}

/** The profile that a hotspot runs; `null` for a repeater, or a site that the plan does not hold. */
function activeProfile(plan: Plan, siteId: Id): Profile | null {
  const site = plan.sites.byId[siteId];
  return site?.kind === 'hotspot' ? (plan.profiles.byId[site.activeProfileId] ?? null) : null;
}

/**
 * What a hotspot can do is a matter of the hotspot: a profile only says what is on, and what it does not name is off in it.
 */
function carriageFrom(base: readonly Carriage[], set: readonly Carriage[]): Carriage[] {
  const named = set.map((one) => ({
    ...one,
    able: pairOf({ carriage: base }, one.air, one.network).able,
  }));
  const others = base.filter((one) => !set.some(({ air, network }) => air === one.air && network === one.network));
  return [...named, ...others.map((one) => ({ ...one, on: false }))];
}

/**
 * Every value that a profile comes to, its own above its base's. `profileId`: the active one where none is given.
 * `null` for a site without profiles. For a base these are the stored values themselves.
 */
export function effectiveProfile(plan: Plan, siteId: Id, profileId?: Id): ProfileValues | null {
  const profile = profileId === undefined ? activeProfile(plan, siteId) : (plan.profiles.byId[profileId] ?? null);
  if (!profile || profile.siteId !== siteId) return null;
  if (profile.baseId === null) return profile.set as ProfileValues;
  const base = plan.profiles.byId[profile.baseId]!.set as ProfileValues;
  const values = { ...base, ...profile.set };
  return profile.set.carriage ? { ...values, carriage: carriageFrom(base.carriage, profile.set.carriage) } : values;
}

/** Where a value of a hotspot's active profile stands in the document: in that profile, or in its base. */
export function profilePointer(plan: Plan, siteId: Id, ...path: [keyof ProfileValues, ...PathKey[]]): string {
  const profile = activeProfile(plan, siteId);
  if (!profile) throw new Error(`The plan has no hotspot “${siteId}”.`);
  const holder = profile.baseId !== null && !(path[0] in profile.set) ? profile.baseId : profile.id;
  return toPointer(['profiles', 'byId', holder, 'set', ...path]);
}

/** The patch that switches a pair of modes on or off in the profile that a hotspot runs. */
export function switchPatch(
  plan: Plan,
  siteId: Id,
  { air, network }: Pick<Carriage, 'air' | 'network'>,
  on: boolean,
): Patch {
  const pointer = profilePointer(plan, siteId, 'carriage');
  const active = activeProfile(plan, siteId)!;
  const stored = active.set.carriage ?? plan.profiles.byId[active.baseId!]!.set.carriage!;
  const at = stored.findIndex((one) => one.air === air && one.network === network);
  if (at >= 0) return { op: 'replace', path: `${pointer}/${at}/on`, value: on };
  return { op: 'add', path: `${pointer}/-`, value: { ...pairOf(effectiveProfile(plan, siteId)!, air, network), on } };
}

/** The patches that give a hotspot a mode and switch it on in the profile that it runs. What it can do stands in the base. */
export function enablePatches(plan: Plan, siteId: Id, mode: Carriage['air']): Patch[] {
  const active = activeProfile(plan, siteId)!;
  const base = active.baseId === null ? active : plan.profiles.byId[active.baseId]!;
  const holders = active.set.carriage && active !== base ? [base, active] : [base];
  return holders.map((holder): Patch => {
    const pointer = toPointer(['profiles', 'byId', holder.id, 'set', 'carriage']);
    const stored = holder.set.carriage!;
    const at = stored.findIndex((one) => one.air === mode && one.network === mode);
    const value: Carriage = { air: mode, network: mode, able: true, on: holder === active || holders.length === 1 };
    return at >= 0
      ? { op: 'replace', path: `${pointer}/${at}`, value: { ...value, on: value.on || stored[at]!.on } }
      : { op: 'add', path: `${pointer}/-`, value };
  });
}

/**
 * Changes the settings of a hotspot in a draft. In a profile that is no base, only what the recipe changes is set;
 * what the hotspot can do goes to the base, whichever profile runs.
 * @throws Error for a site without profiles
 */
export function editProfile(plan: Plan, siteId: Id, recipe: (values: ProfileValues) => void): void {
  const profile = activeProfile(plan, siteId);
  if (!profile) throw new Error(`The plan has no hotspot “${siteId}”.`);
  if (profile.baseId === null) {
    recipe(profile.set as ProfileValues);
    return;
  }
  const before = effectiveProfile(plan, siteId)!;
  const values = structuredClone(plainOf(before));
  recipe(values);
  const was = plainOf(before);
  const base = plan.profiles.byId[profile.baseId]!.set as ProfileValues;
  for (const { air, network, able } of values.carriage) {
    if (able !== pairOf(was, air, network).able) setPair(base, air, network, { able });
  }
  for (const key of Object.keys(values) as (keyof ProfileValues)[]) {
    // What it can do was written to the base: only what is on is the profile's own.
    const same = key === 'carriage' ? sameOn(values.carriage, was.carriage) : sameJson(values[key], was[key]);
    if (!same) Object.assign(profile.set, { [key]: values[key] });
  }
}

/** Whether the same pairs are on in two lists. */
function sameOn(one: readonly Carriage[], other: readonly Carriage[]): boolean {
  const on = (list: readonly Carriage[]) =>
    list
      .filter((pair) => pair.on)
      .map(({ air, network }) => `${air}-${network}`)
      .sort();
  return sameJson(on(one), on(other));
}

/** The values without Immer's drafts, each key by itself: an effective profile mixes two of them. */
function plainOf(values: ProfileValues): ProfileValues {
  return Object.fromEntries(
    Object.entries(values).map(([key, value]) => [key, isDraft(value) ? current(value as object) : value]),
  ) as unknown as ProfileValues;
}
