/** Adding a hotspot, and switching its modes: what it is given before anything was said of it. */
import { newHotspot, newProfile } from '../plan/create';
import { putRow, rows } from '../plan/table';
import type { Id, NetworkModeId, Plan, Site } from '../plan/types';
import { MODES, NETWORK_MODE_IDS } from './registry';

/** Switches a mode of a hotspot on or off in a draft; one that it had not yet comes with what is usual. */
export function switchMode(plan: Plan, siteId: Id, mode: NetworkModeId, on: boolean): void {
  const site = plan.sites.byId[siteId]!;
  plan.profiles[siteId]!.modes[mode] = on;
  if (on && site[mode] === null) Object.assign(site, { [mode]: MODES[mode].fresh.site(plan, site) } satisfies Partial<Record<NetworkModeId, Site[NetworkModeId]>>);
}

/** Adds a hotspot to a draft, in the modes that the radios of the plan speak; while there are none, in DMR. `freqHz`: simplex. */
export function addHotspot(plan: Plan, id: Id, name: string, freqHz: number): void {
  putRow(plan.sites, newHotspot(id, name, freqHz, 1));
  plan.profiles[id] = newProfile();
  const spoken = NETWORK_MODE_IDS.filter((mode) => rows(plan.radios).some((radio) => radio[mode] !== null));
  if (spoken.length === 0) return;
  if (!spoken.includes('dmr')) plan.sites.byId[id]!.dmr = null;
  for (const mode of NETWORK_MODE_IDS) switchMode(plan, id, mode, spoken.includes(mode));
}
