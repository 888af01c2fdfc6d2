/** Moving a hotspot takes its channels along; shared by the checks on where a hotspot may be. */
import type { PlanIndex } from '../path/types';
import { type Patch, toPointer } from '../plan/patches';
import { rows } from '../plan/table';
import type { Site } from '../plan/types';
import { nearestClearHz } from '../units/bands';
import { channelsOfSite, set } from './walk';

/** Where the frequency of a site stands in the document: what it sends on. */
export function siteFrequencyPointer(site: Site): string {
  return toPointer(['sites', 'byId', site.id, 'txHz']);
}

/** Width in Hz of the widest channel that a site sends, by the modes it has; of any mode while it has none. */
export function siteWidthHz({ modes }: PlanIndex, site: Site): number {
  const all = Object.values(modes);
  const own = all.filter((mode) => site[mode.id] !== null);
  return Math.max(...(own.length > 0 ? own : all).map((mode) => mode.widthHz()));
}

/** The nearest frequency that is in the band, out of satellite segments and clear of the plan's other hotspots. */
export function clearOfHz(index: PlanIndex, site: Site): number | null {
  const others = rows(index.plan.sites).filter((other) => other.id !== site.id);
  return nearestClearHz(
    site.txHz,
    siteWidthHz(index, site),
    index.plan.station.region,
    others.flatMap((other) => [other.rxHz, other.txHz]),
  );
}

/** Patches that set a simplex hotspot to `hz`, with every channel that was on its old frequency. */
export function moveSite(index: PlanIndex, site: Site, hz: number): Patch[] {
  const base = toPointer(['sites', 'byId', site.id]);
  const patches = [set(`${base}/rxHz`, hz), set(`${base}/txHz`, hz)];
  for (const { channel, pointer } of channelsOfSite(index, site.id)) {
    if (channel.rxHz === site.txHz) patches.push(set(`${pointer}/rxHz`, hz));
    if (channel.txHz === site.rxHz) patches.push(set(`${pointer}/txHz`, hz));
  }
  return patches;
}
