/**
 * What a hotspot sends and listens on stands at its site, for all who look at sites, and in the profile that sets it.
 */
import { effectiveProfile } from './profiles';
import { hotspotsOf } from './sites';
import type { Frequencies, Hotspot, Id, Plan } from './types';

const isSame = (one: Frequencies, other: Frequencies) => one.rxHz === other.rxHz && one.txHz === other.txHz;

/** What the profile that a hotspot runs says, where its site says otherwise; `null` where they agree. */
export function frequenciesToRun(plan: Plan, site: Hotspot): Frequencies | null {
  const { byId } = plan.profiles;
  const baseId = byId[site.activeProfileId]?.baseId ?? null;
  // A profile whose base is gone says nothing until it is mended.
  const set = baseId !== null && !(baseId in byId) ? null : effectiveProfile(plan, site.id)?.frequencies;
  return !set || isSame(site, set) ? null : set;
}

/** Hotspots that an edit moved at their site, while the profile that they run stayed as it was: it must follow. */
export function movedHotspots(before: Plan, after: Plan): Id[] {
  if (before.sites === after.sites) return [];
  return hotspotsOf(after)
    .filter((site) => {
      const was = before.sites.byId[site.id];
      const set = frequenciesToRun(after, site);
      if (was === site || !set) return false;
      if (was?.kind !== 'hotspot') return true;
      return was.activeProfileId === site.activeProfileId && !isSame(was, site) && isSame(was, set);
    })
    .map((site) => site.id);
}
