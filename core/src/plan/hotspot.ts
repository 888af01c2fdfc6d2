/** Adding a hotspot, and switching its modes: what it is given before anything was said of it. */
import { setPair } from './carriage';
import { newHotspot, newProfile } from './create';
import { dataOf, NETWORK_MODE_IDS } from './modes';
import { editProfile } from './profiles';
import { putRow, rows } from './table';
import type { Id, ModeId, NetworkModeId, Plan } from './types';

const isNetworkMode = (mode: ModeId): mode is NetworkModeId => NETWORK_MODE_IDS.includes(mode as NetworkModeId);

/**
 * Switches a mode of a hotspot on or off in a draft; one that it had not yet comes with what is usual. `profileId`: in
 * which profile; the one that runs where none is given.
 */
export function switchMode(plan: Plan, siteId: Id, mode: ModeId, on: boolean, profileId?: Id): void {
  const site = plan.sites.byId[siteId]!;
  if (on && site[mode] === null) Object.assign(site, { [mode]: dataOf(mode).blanks.site(plan, site) });
  if (isNetworkMode(mode))
    editProfile(plan, siteId, (values) => setPair(values, mode, mode, on ? { able: true, on } : { on }), profileId);
}

/** Takes a mode away from a hotspot in a draft, with everything that was said of it. */
export function dropMode(plan: Plan, siteId: Id, mode: ModeId): void {
  if (isNetworkMode(mode))
    editProfile(plan, siteId, (values) => setPair(values, mode, mode, { able: false, on: false }));
  Object.assign(plan.sites.byId[siteId]!, { [mode]: null });
}

/**
 * Adds a simplex hotspot on `freqHz` to a draft, in the given modes; without any said, in those that the radios of the
 * plan speak, and while there are none in the first.
 */
export function addHotspot(plan: Plan, id: Id, name: string, freqHz: number, modes?: readonly NetworkModeId[]): void {
  const site = newHotspot(id, name, freqHz);
  putRow(plan.sites, site);
  putRow(plan.profiles, newProfile(id, site));
  const spoken = NETWORK_MODE_IDS.filter((mode) => rows(plan.radios).some((radio) => radio[mode] !== null));
  for (const mode of modes ?? (spoken.length > 0 ? spoken : NETWORK_MODE_IDS.slice(0, 1)))
    switchMode(plan, id, mode, true);
}

/**
 * A hotspot moves as a pair: what it listens on stays as far from what it sends on. `hz`: what it sends on, whole Hz
 * above 0.
 */
export function moveHotspot(plan: Plan, siteId: Id, hz: number): void {
  const { rxHz, txHz } = plan.sites.byId[siteId]!;
  Object.assign(plan.sites.byId[siteId]!, { rxHz: hz + rxHz - txHz, txHz: hz });
}
