/** Adding, copying and removing profiles of a hotspot, in a draft. */
import { current, isDraft } from 'immer';
import { pairOf } from './carriage';
import { effectiveProfile, plainOf, profilesOf } from './profiles';
import { differingPaths, setSome, valueAt } from './some-values';
import { putRow, removeRow } from './table';
import type { Id, Plan, Profile, ProfileValues, SomeValues } from './types';

/** What a profile must set above a base so that it comes to these values. */
function setAbove(base: ProfileValues, values: ProfileValues): SomeValues {
  const own: SomeValues = {};
  for (const path of differingPaths(base, values)) {
    const value = valueAt(values, path);
    if (path[0] !== 'carriage' && value !== undefined) setSome(own, path, value);
  }
  const carriage = values.carriage.filter((one) => one.on !== pairOf(base, one.air, one.network).on);
  return carriage.length > 0 ? { ...own, carriage } : own;
}

/** The base above which a profile stands, itself where it is one. */
export function baseIdOf({ id, baseId }: Profile): Id {
  return baseId ?? id;
}

/** Adds a profile above the base of another: with what that one sets, or nothing of its own where that is the base. */
export function copyProfile(plan: Plan, fromId: Id, id: Id, name: string): void {
  const from = plan.profiles.byId[fromId]!;
  const set = from.baseId === null ? {} : structuredClone(isDraft(from.set) ? current(from.set) : from.set);
  putRow(plan.profiles, { id, siteId: from.siteId, name, baseId: baseIdOf(from), set });
}

/**
 * Removes a profile. Where others stand above it, the first of them becomes their base, and all come to what they came
 * to before. A hotspot that ran it runs its base, or the first that is left; its last profile stays.
 */
export function removeProfile(plan: Plan, id: Id): void {
  const profile = plan.profiles.byId[id]!;
  const { siteId } = profile;
  const others = profilesOf(plan, siteId).filter((one) => one.id !== id);
  const [first] = others;
  if (!first) return;
  const above = others.filter((one) => one.baseId === id);
  const values = new Map(
    above.map((one) => [one.id, structuredClone(plainOf(effectiveProfile(plan, siteId, one.id)!))]),
  );
  const [heir, ...rest] = above;
  if (heir) {
    Object.assign(heir, { baseId: null, set: values.get(heir.id)! });
    for (const one of rest)
      Object.assign(one, { baseId: heir.id, set: setAbove(values.get(heir.id)!, values.get(one.id)!) });
  }
  removeRow(plan.profiles, id);
  const site = plan.sites.byId[siteId]!;
  if (site.kind === 'hotspot' && site.activeProfileId === id)
    site.activeProfileId = profile.baseId ?? heir?.id ?? first.id;
}

/** Has a hotspot run another of its profiles; what it sends and listens on follows. */
export function runProfile(plan: Plan, siteId: Id, profileId: Id): void {
  const site = plan.sites.byId[siteId]!;
  if (site.kind === 'hotspot') site.activeProfileId = profileId;
}

/** The same plan with a hotspot running another of its profiles, for looking at: nothing else is changed. */
export function asIfRunning(plan: Plan, siteId: Id, profileId: Id): Plan {
  const site = plan.sites.byId[siteId]!;
  const { rxHz, txHz } = effectiveProfile(plan, siteId, profileId)!.frequencies;
  const running = { ...site, rxHz, txHz, activeProfileId: profileId };
  return { ...plan, sites: { ...plan.sites, byId: { ...plan.sites.byId, [siteId]: running as typeof site } } };
}
