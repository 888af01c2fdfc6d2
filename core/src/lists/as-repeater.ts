/** A listed site → a repeater of the plan: what the list says, as corrected, and nothing that it does not say. */
import { legBetween } from '../geo/geodesic';
import { newRepeater } from '../plan/create';
import { repeatersOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Id, Plan, Position, Repeater } from '../plan/types';
import { formatMHz } from '../radio-math/quantities';
import { toneText, toneWords } from '../radio-math/tones';
import { groupsText } from './corrections';
import { families } from '../modes/dstar/links';
import { moduleOfBand } from '../modes/dstar/trace';
import { MODES } from '../modes/registry';
import type { ListedMode, ListedSite } from './types';
import { groupIdText, readGroupId } from '../modes/c4fm/rooms';
import { dmrNetworks } from '../modes/dmr/networks';
import { nacText, readNac } from '../modes/p25/addresses';
import { NAC_DEFAULT } from '../modes/p25/limits';

/** A site with the list it stands in. */
export interface ListedIn {
  site: ListedSite;
  list: { name: string; issuedOn: string | null } | null;
}

/** The same repeater in the plan already, by call sign, module and the frequency it sends on. */
export function inPlan(plan: Plan, { callSign, module, txHz }: Pick<ListedSite, 'callSign' | 'module' | 'txHz'>): Repeater | null {
  return repeatersOf(plan).find(({ listing, txHz: sends }) => listing.callSign === callSign && listing.module === module && sends === txHz) ?? null;
}

/** Modes that a plan can hold, by their names in lists. */
const IN_PLANS: readonly ListedMode[] = Object.values(MODES).map((mode) => mode.name as ListedMode);

/** Families of reflectors that a list says a site reaches: by their letters or by their names in the plan. */
function familiesOf(plan: Plan, networks: readonly string[]): string[] {
  const named = new Set(networks.map((name) => name.toLowerCase()));
  return families(plan).filter(({ letters, name }) => named.has(letters.toLowerCase()) || named.has(name.toLowerCase())).map(({ letters }) => letters);
}

/** Networks of a mode that a list says a site reaches, by their names in the plan. */
function reachedOf(plan: Plan, mode: 'c4fm' | 'p25', networks: readonly string[]): Id[] {
  const named = new Set(networks.map((name) => name.toLowerCase()));
  return rows(plan.networks).filter((network) => network.mode === mode && named.has(network.name.toLowerCase())).map((network) => network.id);
}

/** Why a listed site cannot go into a plan; `null` when it can. */
export function objectionTo({ rxHz, modes }: Pick<ListedSite, 'rxHz' | 'modes'>): string | null {
  if (rxHz === null) return 'the list does not say where it listens: correct that first';
  if (!IN_PLANS.some((mode) => modes.includes(mode))) return `it is of no mode that the plan holds: ${IN_PLANS.join(', ')}`;
  return null;
}

/** The network a repeater is linked to: one the list names, else the one that knows most of its groups. `null` when none does. */
export function networkOf(plan: Plan, { networks, groups }: Pick<ListedSite, 'networks' | 'groups'>): Id | null {
  const all = dmrNetworks(plan);
  const named = all.find((network) => networks.some((name) => name.toLowerCase() === network.name.toLowerCase()));
  if (named) return named.id;
  const known = all.map((network) => ({ id: network.id, count: groups.filter(({ number }) => rows(network.groups).some((group) => group.number === number)).length }));
  const best = known.reduce<{ id: Id; count: number } | null>((a, b) => (a && a.count >= b.count ? a : b), null);
  return best && best.count > 0 ? best.id : null;
}

function distanceM(from: Position | null, to: Position | null): number | null {
  // One's own roof is still some metres away.
  return from && to ? Math.max(1, Math.round(legBetween(from, to).distanceM)) : null;
}

/** @throws Error for a site that `objectionTo` objects to */
export function asRepeater(id: Id, { site, list }: ListedIn, plan: Plan, networkId: Id | null = networkOf(plan, site)): Repeater {
  const objection = objectionTo(site);
  if (objection || site.rxHz === null) throw new Error(`${site.callSign}: ${objection}.`);
  const position = site.lat !== null && site.lon !== null ? { lat: site.lat, lon: site.lon } : null;
  const { callSign, module, place, status, confirmedOn } = site;
  const repeater = newRepeater(id, (site.name || site.place || callSign).slice(0, 60).trim(), site.txHz, site.rxHz, { callSign: callSign.slice(0, 20), module, place: place.slice(0, 100), position, status, confirmedOn, list });
  repeater.distanceM = distanceM(plan.station.position, position) ?? repeater.distanceM;
  if (site.modes.includes('DMR')) repeater.dmr = { colorCode: site.colorCode ?? 1, carries: { networkId, groups: site.groups.map(({ slot, number, static: bound }) => ({ slot, number, static: bound })), takesOthers: false } };
  if (site.modes.includes('D-STAR')) repeater.dstar = { callSign: callSign.slice(0, 20), module: module || (moduleOfBand(repeater, plan) ?? ''), families: familiesOf(plan, site.networks), cable: false, utcOffsetMin: null };
  const group = readGroupId(site.groupId ?? '') ?? 0;
  if (site.modes.includes('C4FM')) repeater.c4fm = { groupIdIn: group, groupIdOut: group, voice: null, networkIds: reachedOf(plan, 'c4fm', site.networks) };
  if (site.modes.includes('P25')) repeater.p25 = { nac: readNac(site.nac ?? '') ?? NAC_DEFAULT, networkIds: reachedOf(plan, 'p25', site.networks) };
  if (site.modes.includes('FM')) repeater.fm = { toneIn: toneText(site), toneOut: null, widthHz: plan.station.fmWidthHz };
  return repeater;
}

export interface Refreshed {
  site: Repeater;
  /** What the list says otherwise, in words: `tone none → 107.2 Hz`. Empty when it says the same. */
  changes: string[];
}

/** A repeater of the plan held against what a list says of it now. What only the plan knows (name, network, sent tone) stays. */
export function refreshed(plan: Plan, there: Repeater, listed: ListedIn): Refreshed {
  const fresh = asRepeater(there.id, listed, plan);
  const dmr = fresh.dmr && { ...fresh.dmr, carries: { ...fresh.dmr.carries!, networkId: there.dmr?.carries?.networkId ?? fresh.dmr.carries!.networkId, takesOthers: there.dmr?.carries?.takesOthers ?? false } };
  const fm = fresh.fm && { ...fresh.fm, toneOut: there.fm?.toneOut ?? null, widthHz: there.fm?.widthHz ?? fresh.fm.widthHz };
  const dstar = fresh.dstar && { ...fresh.dstar, families: fresh.dstar.families!.length > 0 ? fresh.dstar.families : (there.dstar?.families ?? []), utcOffsetMin: there.dstar?.utcOffsetMin ?? null };
  // What the list does not say stays as the plan has it.
  const said = (now: Id[], before: Id[] | undefined) => (now.length > 0 ? now : (before ?? []));
  const c4fm = fresh.c4fm && { ...fresh.c4fm, voice: there.c4fm?.voice ?? null, networkIds: said(fresh.c4fm.networkIds, there.c4fm?.networkIds), ...(listed.site.groupId === null && there.c4fm ? { groupIdIn: there.c4fm.groupIdIn, groupIdOut: there.c4fm.groupIdOut } : {}) };
  const p25 = fresh.p25 && { nac: listed.site.nac === null && there.p25 ? there.p25.nac : fresh.p25.nac, networkIds: said(fresh.p25.networkIds, there.p25?.networkIds) };
  const site: Repeater = { ...there, rxHz: fresh.rxHz, dmr, dstar, c4fm, p25, fm, listing: { ...there.listing, status: fresh.listing.status, confirmedOn: fresh.listing.confirmedOn, list: fresh.listing.list } };
  const words = (one: Repeater): Record<string, string> => ({
    'listens on': `${formatMHz(one.rxHz)} MHz`,
    'color code': one.dmr ? String(one.dmr.colorCode) : 'no DMR',
    groups: one.dmr?.carries ? groupsText(one.dmr.carries.groups) || 'none' : 'no DMR',
    module: one.dstar ? one.dstar.module || 'none' : 'no D-STAR',
    reflectors: one.dstar ? (one.dstar.families?.join(', ') ?? 'every family') || 'not said' : 'no D-STAR',
    'group ID': one.c4fm ? groupIdText(one.c4fm.groupIdIn) : 'no C4FM',
    NAC: one.p25 ? nacText(one.p25.nac) : 'no P25',
    'networks reached': [...(one.c4fm?.networkIds ?? []), ...(one.p25?.networkIds ?? [])].map((id) => plan.networks.byId[id]!.name).join(', ') || 'not said',
    tone: one.fm ? toneWords(one.fm.toneIn) : 'no FM',
    status: one.listing.status,
    confirmed: one.listing.confirmedOn ?? 'never',
    list: one.listing.list ? [one.listing.list.name, one.listing.list.issuedOn].filter(Boolean).join(' of ') : 'none',
  });
  const [old, now] = [words(there), words(site)];
  return { site, changes: Object.keys(now).filter((key) => old[key] !== now[key]).map((key) => `${key} ${old[key]} → ${now[key]}`) };
}
