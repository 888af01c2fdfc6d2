/** Profiles of hotspots: a base, and others that set only what differs. `effectiveProfile` is the only reader. */
import { current, isDraft } from 'immer';
import { pairOf, setPair } from './carriage';
import { diff } from './diff';
import { type Patch, type PathKey, toPointer } from './patches';
import {
  carriageDiffering,
  differingPaths,
  forgetSome,
  namedPaths,
  names,
  setSome,
  valueAt,
  valuesAbove,
} from './some-values';
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

/** A profile of a hotspot, the active one where none is named; `null` where it has no such profile. */
function profileNamed(plan: Plan, siteId: Id, profileId: Id | undefined): Profile | null {
  const profile = profileId === undefined ? activeProfile(plan, siteId) : (plan.profiles.byId[profileId] ?? null);
  return profile?.siteId === siteId ? profile : null;
}

/** @throws Error for a site without that profile */
function someProfile(plan: Plan, siteId: Id, profileId?: Id): Profile {
  const profile = profileNamed(plan, siteId, profileId);
  if (!profile)
    throw new Error(
      `The plan has no hotspot “${siteId}”${profileId === undefined ? '' : ` with a profile “${profileId}”`}.`,
    );
  return profile;
}

const baseOf = (plan: Plan, profile: Profile): ProfileValues =>
  (profile.baseId === null ? profile : plan.profiles.byId[profile.baseId]!).set as ProfileValues;

/**
 * Every value that a profile comes to, its own above its base's. `profileId`: the active one where none is given.
 * `null` for a site without profiles. For a base these are the stored values themselves.
 */
export function effectiveProfile(plan: Plan, siteId: Id, profileId?: Id): ProfileValues | null {
  const profile = profileNamed(plan, siteId, profileId);
  if (!profile) return null;
  const base = baseOf(plan, profile);
  return profile.baseId === null ? base : valuesAbove(base, profile.set);
}

/** Where a value of a hotspot's active profile stands in the document: in that profile, or in its base. */
export function profilePointer(plan: Plan, siteId: Id, ...path: [keyof ProfileValues, ...PathKey[]]): string {
  const profile = someProfile(plan, siteId);
  const holder = profile.baseId !== null && !names(profile.set, path) ? profile.baseId : profile.id;
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

/**
 * The patches that give a hotspot a mode and switch it on in the profile that it runs. What it can do stands in the
 * base.
 */
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
 * Changes the settings of a hotspot in a draft. In a profile that is no base, only what the recipe changes is set; what
 * the hotspot can do goes to the base, whichever profile is changed. `profileId`: the active one where none is given.
 * @throws Error for a site without that profile
 */
export function editProfile(plan: Plan, siteId: Id, recipe: (values: ProfileValues) => void, profileId?: Id): void {
  const profile = someProfile(plan, siteId, profileId);
  const base = baseOf(plan, profile);
  if (profile.baseId === null) {
    recipe(base);
    return;
  }
  const was = plainOf(effectiveProfile(plan, siteId, profile.id)!);
  const values = structuredClone(was);
  recipe(values);
  for (const { air, network, able } of values.carriage) {
    if (able !== pairOf(was, air, network).able) setPair(base, air, network, { able });
  }
  const carriage = carriageDiffering(was.carriage, values.carriage, profile.set.carriage);
  if (carriage.length > 0) profile.set.carriage = carriage;
  for (const path of differingPaths(was, values)) {
    const value = valueAt(values, path);
    // What was taken out of a map goes where this profile named it; the base's own stays.
    if (value === undefined) forgetSome(profile.set, path);
    else if (path[0] !== 'carriage') setSome(profile.set, path, value);
  }
}

/** The patches that change the settings of a hotspot: in the profile, as `editProfile` does. */
export function profilePatches(
  plan: Plan,
  siteId: Id,
  recipe: (values: ProfileValues) => void,
  profileId?: Id,
): Patch[] {
  const profile = someProfile(plan, siteId, profileId);
  const ids = [profile.id, ...(profile.baseId === null ? [] : [profile.baseId])];
  // Plain copies: what is handed in may be a draft, or tell an index who reads what.
  const copies = () =>
    Object.fromEntries(ids.map((id) => [id, JSON.parse(JSON.stringify(plan.profiles.byId[id])) as Profile]));
  const [before, after] = [copies(), copies()];
  editProfile({ ...plan, profiles: { byId: after, order: ids } }, siteId, recipe, profile.id);
  return ids.flatMap((id) => diff(before[id], after[id], ['profiles', 'byId', id]));
}

/** Whether a profile sets a value itself. A base sets every one. */
export function isOwn(profile: Profile, path: readonly PathKey[]): boolean {
  return profile.baseId === null || names(profile.set, path);
}

/** The paths of all that a profile above a base sets itself, each at the smallest part that can be set. */
export const ownPaths = (profile: Profile): PathKey[][] => (profile.baseId === null ? [] : namedPaths(profile.set));

/** Sets what a profile has from its base as its own, so that it no longer follows. */
export function takeOver(plan: Plan, profileId: Id, path: readonly PathKey[]): void {
  const profile = plan.profiles.byId[profileId]!;
  if (isOwn(profile, path)) return;
  const value = valueAt(effectiveProfile(plan, profile.siteId, profileId), path);
  setSome(profile.set, path, structuredClone(isDraft(value) ? current(value as object) : value));
}

/** Forgets what a profile sets itself, so that it has what its base has. */
export function setBack(plan: Plan, profileId: Id, path: readonly PathKey[]): void {
  const profile = plan.profiles.byId[profileId]!;
  if (profile.baseId !== null) forgetSome(profile.set, path);
}

/** The values without Immer's drafts: an effective profile mixes its own and its base's at any depth. */
export function plainOf<T>(value: T): T {
  if (isDraft(value)) return current(value as object) as T;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map(plainOf) as T;
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, plainOf(part as unknown)])) as T;
}
