/** A listed site → a repeater of the plan: what the list says, as corrected, and nothing that it does not say. */
import { legBetween } from '../units/geo/geodesic';
import { newRepeater } from '../plan/create';
import { repeatersOf } from '../plan/sites';
import { MODE_IDS } from '../plan/modes';
import { networksOf } from '../plan/networks';
import type { Id, NetworkModeId, Plan, Position, Repeater } from '../plan/types';
import { formatMHz } from '../units/quantities';
import type { ListedModes } from './mode-listed';
import { LISTED_MODES, type ListedSite } from './types';

/** A site with the list it stands in. */
export interface ListedIn {
  site: ListedSite;
  list: { name: string; issuedOn: string | null } | null;
}

/** The same repeater in the plan already, by call sign, module and the frequency it sends on. */
export function inPlan(
  plan: Plan,
  { callSign, module, txHz }: Pick<ListedSite, 'callSign' | 'module' | 'txHz'>,
): Repeater | null {
  return (
    repeatersOf(plan).find(
      ({ listing, txHz: sends }) => listing.callSign === callSign && listing.module === module && sends === txHz,
    ) ?? null
  );
}

/** Networks of a mode that a list says a site reaches, by their names in the plan. */
export function reachedOf(plan: Plan, mode: NetworkModeId, networks: readonly string[]): Id[] {
  const named = new Set(networks.map((name) => name.toLowerCase()));
  return networksOf(plan, mode)
    .filter((network) => named.has(network.name.toLowerCase()))
    .map((network) => network.id);
}

/** Why a listed site cannot go into a plan; `null` when it can. */
export function objectionTo({ rxHz, modes }: Pick<ListedSite, 'rxHz' | 'modes'>): string | null {
  if (rxHz === null) return 'the list does not say where it listens: correct that first';
  if (!LISTED_MODES.some((mode) => modes.includes(mode)))
    return `it is of no mode that the plan holds: ${LISTED_MODES.join(', ')}`;
  return null;
}

function distanceM(from: Position | null, to: Position | null): number | null {
  // One's own roof is still some metres away.
  return from && to ? Math.max(1, Math.round(legBetween(from, to).distanceM)) : null;
}

/** @throws Error for a site that `objectionTo` objects to */
export function asRepeater(id: Id, { site, list }: ListedIn, plan: Plan, modes: ListedModes): Repeater {
  const objection = objectionTo(site);
  if (objection || site.rxHz === null) throw new Error(`${site.callSign}: ${objection}.`);
  const position = site.lat !== null && site.lon !== null ? { lat: site.lat, lon: site.lon } : null;
  const { callSign, module, place, status, confirmedOn } = site;
  const name = (site.name || site.place || callSign).slice(0, 60).trim();
  const listing = {
    callSign: callSign.slice(0, 20),
    module,
    place: place.slice(0, 100),
    position,
    status,
    confirmedOn,
    list,
    goneOn: null,
  };
  const repeater = newRepeater(id, name, site.txHz, site.rxHz, listing);
  repeater.distanceM = distanceM(plan.station.position, position) ?? repeater.distanceM;
  for (const mode of MODE_IDS) {
    const { name: modeName, listed } = modes[mode];
    if (site.modes.includes(modeName)) Object.assign(repeater, { [mode]: listed.asSite(plan, site, repeater) });
  }
  return repeater;
}

export interface Refreshed {
  site: Repeater;
  /** What the list says otherwise, in words: `tone none → 107.2 Hz`. Empty when it says the same. */
  changes: string[];
}

/** What a list can say of a repeater, by its name, for people. */
function wordsOf(plan: Plan, modes: ListedModes, one: Repeater): Record<string, string> {
  const { status, confirmedOn, list } = one.listing;
  const words: Record<string, string> = { 'listens on': `${formatMHz(one.rxHz)} MHz` };
  for (const mode of MODE_IDS) Object.assign(words, modes[mode].listed.words(plan, one[mode]));
  return {
    ...words,
    status,
    confirmed: confirmedOn ?? 'never',
    list: list ? [list.name, list.issuedOn].filter(Boolean).join(' of ') : 'none',
  };
}

/** A repeater of the plan held against what a list says of it now. What only the plan knows (name, network, sent tone) stays. */
export function refreshed(plan: Plan, there: Repeater, listed: ListedIn, modes: ListedModes): Refreshed {
  const fresh = asRepeater(there.id, listed, plan, modes);
  const { status, confirmedOn, list } = fresh.listing;
  const listing = { ...there.listing, status, confirmedOn, list, goneOn: null };
  const site: Repeater = { ...there, rxHz: fresh.rxHz, listing };
  for (const mode of MODE_IDS) {
    const block = fresh[mode];
    // A row may be of one mode only: what it does not name, it does not take away.
    if (block) Object.assign(site, { [mode]: modes[mode].listed.refresh(block, there[mode], listed.site) });
  }
  const [old, now] = [wordsOf(plan, modes, there), wordsOf(plan, modes, site)];
  return {
    site,
    changes: Object.keys(now)
      .filter((key) => old[key] !== now[key])
      .map((key) => `${key} ${old[key]} → ${now[key]}`),
  };
}
