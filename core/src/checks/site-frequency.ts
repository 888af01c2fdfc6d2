/** Where one's own hotspot may be: what is around it, where it is clear, and how it moves with its channels. */
import { positionOf } from '../plan/site-position';
import { levelAtSiteDbm, radioTunes } from '../path/common-facts';
import type { PlanIndex } from '../path/types';
import { toPointer } from '../plan/patches';
import { hotspotsOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Patch } from '../plan/patches';
import type { Hotspot, Id, Site } from '../plan/types';
import { clearanceAt, isClearPair, nearestClearHz, type Occupied } from '../units/frequency-finder';
import { legBetween } from '../units/geo/geodesic';
import { formatMHz } from '../units/quantities';
import { isOnRaster, leastSplitHz } from '../units/shifts';
import { channelsOfSite, set } from './walk';

/**
 * Within this distance a repeater and one's own hotspot may disturb each other, metres. From memory; hills and height
 * decide.
 */
export const HOTSPOT_REACH_M = 50_000;

export type Side = 'txHz' | 'rxHz';

/** The frequencies of a site: one where it sends where it listens. */
export function sidesOf({ txHz, rxHz }: Pick<Site, Side>): readonly Side[] {
  return txHz === rxHz ? ['txHz'] : ['txHz', 'rxHz'];
}

/** `sends on`, `listens on`; `is on` for a site with one frequency. */
export function sideWords(site: Site, side: Side): string {
  return sidesOf(site).length === 1 ? 'is on' : side === 'txHz' ? 'sends on' : 'listens on';
}

/** Where a frequency of a site stands in the document. */
export function siteFrequencyPointer(site: Site, side: Side = 'txHz'): string {
  return toPointer(['sites', 'byId', site.id, side]);
}

/**
 * Width in Hz of the widest channel that a site of the plan sends, by the modes it has; of any mode while it has none.
 */
export function siteWidthHz(index: PlanIndex, site: Site): number {
  return index.look(widthOf, site.id);
}

function widthOf({ plan, modes }: PlanIndex, siteId: Id): number {
  const site = plan.sites.byId[siteId]!;
  const all = Object.values(modes);
  const own = all.filter((mode) => site[mode.id] !== null);
  return Math.max(...(own.length > 0 ? own : all).map((mode) => mode.siteWidthHz?.(site) ?? mode.widthHz()));
}

/** Metres between two sites; `null` while one of them is nowhere. */
export function apartM(index: Pick<PlanIndex, 'plan'>, a: Site, b: Site): number | null {
  const [here, there] = [positionOf(index.plan, a), positionOf(index.plan, b)];
  return here && there ? legBetween(here, there).distanceM : null;
}

/** Something around a hotspot; `siteId` where it is of the plan, else of a list. */
export type Around = Occupied & { siteId: Id | null };

function occupied(hz: number, widthHz: number, kind: Occupied['kind'], words: string): Occupied {
  return { lowHz: hz - widthHz / 2, highHz: hz + widthHz / 2, kind, words, distanceM: null };
}

/** Whether something on `hz`, `widthHz` wide, is of interest: distances are worked out only for what is. */
type OfInterest = (hz: number, widthHz: number) => boolean;

/** Both sides of a site of the plan; it is taken to be near unless both places are known to be far apart. */
function ofSite(index: PlanIndex, site: Hotspot, other: Site, isOfInterest: OfInterest): Around[] {
  const width = siteWidthHz(index, other);
  const sides = sidesOf(other).filter((side) => isOfInterest(other[side], width));
  if (sides.length === 0) return [];
  const distanceM = apartM(index, site, other);
  if (distanceM !== null && distanceM > HOTSPOT_REACH_M) return [];
  if (other.kind === 'repeater' && other.listing.status === 'off the air') return [];
  return sides.map((side) => ({
    ...occupied(
      other[side],
      width,
      other.kind === 'hotspot' ? 'own hotspot' : side === 'txHz' ? 'site sends' : 'site listens',
      other.kind === 'hotspot' ? `your hotspot ${other.name}` : other.name,
    ),
    distanceM,
    siteId: other.id,
  }));
}

/** Sites of lists that the plan does not hold; how wide they are is not known. */
function ofLists(index: PlanIndex, site: Hotspot, isOfInterest: OfInterest): Around[] {
  const here = positionOf(index.plan, site);
  if (!here || index.around.length === 0) return [];
  const inPlan = new Set(
    rows(index.plan.sites).flatMap((one) => (one.kind === 'repeater' ? [`${one.listing.callSign} ${one.txHz}`] : [])),
  );
  const width = siteWidthHz(index, site);
  return index.around
    .filter((one) => !inPlan.has(`${one.callSign} ${one.txHz}`))
    .flatMap(({ callSign, module, txHz, rxHz, position }) => {
      if (![txHz, rxHz].some((hz) => hz !== null && isOfInterest(hz, width))) return [];
      const { distanceM } = legBetween(here, position);
      if (distanceM > HOTSPOT_REACH_M) return [];
      const words = `${callSign} ${module}`.trim();
      const sides = [occupied(txHz, width, 'site sends', words)];
      if (rxHz !== null && rxHz !== txHz) sides.push(occupied(rxHz, width, 'site listens', words));
      return sides.map((one) => ({ ...one, distanceM, siteId: null }));
    });
}

/** Everything that is around a hotspot: other sites of the plan, and what the lists name. */
export function aroundHotspot(index: PlanIndex, site: Hotspot, isOfInterest: OfInterest = () => true): Around[] {
  const others = rows(index.plan.sites).filter((other) => other.id !== site.id);
  return [
    ...others.flatMap((other) => ofSite(index, site, other, isOfInterest)),
    ...ofLists(index, site, isOfInterest),
  ];
}

/**
 * What a side of a hotspot is on, or within a channel width of, among what is around it and `counts`; the nearest in
 * frequency.
 */
export function metBy(index: PlanIndex, site: Hotspot, side: Side, counts: (one: Around) => boolean): Around | null {
  const width = siteWidthHz(index, site);
  const near = aroundHotspot(index, site, (hz, other) => Math.abs(hz - site[side]) < (width + other) / 2);
  const { clearanceHz, nearest } = clearanceAt(site[side], width, near.filter(counts));
  return clearanceHz < 0 ? (nearest as Around) : null;
}

/** Whether the radios that use a hotspot can follow it: they tune the pair, and are no louder there than it takes. */
function radiosFollow(index: PlanIndex, site: Hotspot, hz: number, shiftHz: number): boolean {
  const moved = hz + shiftHz;
  return index.paths().every(({ context: { radio, channel } }) => {
    if (channel.siteId !== site.id) return true;
    const [from, to] = [
      { rxHz: site.txHz, txHz: site.rxHz },
      { rxHz: hz, txHz: moved },
    ];
    const tunes = ({ rxHz, txHz }: typeof from) => radioTunes(radio, rxHz) && radioTunes(radio, txHz);
    if (tunes(from) && !tunes(to)) return false;
    const fits = (txHz: number) =>
      (levelAtSiteDbm({ radio, channel: { ...channel, txHz }, site }) ?? -Infinity) <= site.maxInputDbm;
    return !fits(site.rxHz) || fits(moved);
  });
}

const shiftOf = ({ rxHz, txHz }: Pick<Site, Side>): number => rxHz - txHz;

/**
 * The nearest frequency to which a hotspot can move, its pair kept unless another shift is asked for: in the licence,
 * outside what is kept for others, and clear of every site around. `null` where there is none.
 */
export function clearOfHz(index: PlanIndex, site: Hotspot, shiftHz: number = shiftOf(site)): number | null {
  return nearestClearHz(
    site.txHz,
    {
      widthHz: siteWidthHz(index, site),
      shiftHz,
      plan: index.plan.station,
      taken: aroundHotspot(index, site),
    },
    (hz) => radiosFollow(index, site, hz, shiftHz),
  );
}

/** Whether a hotspot could be on a pair without a fault of its own: clear, on the raster, and far enough apart. */
export function couldBeOn(index: PlanIndex, { id }: Hotspot, txHz: number, rxHz: number): boolean {
  // Many channels ask for the same pair.
  return index.look(isFaultless, `${id} ${txHz} ${rxHz}`);
}

/** `asked`: the hotspot and its pair, Hz. */
function isFaultless(index: PlanIndex, asked: string): boolean {
  const [siteId, ...pair] = asked.split(' ') as [Id, string, string];
  const site = index.plan.sites.byId[siteId] as Hotspot;
  const [txHz, rxHz] = pair.map(Number) as [number, number];
  const shiftHz = rxHz - txHz;
  const least = leastSplitHz(txHz, rxHz);
  if (shiftHz !== 0 && least !== null && Math.abs(shiftHz) < least) return false;
  if (!isOnRaster(txHz) || !isOnRaster(rxHz)) return false;
  return isClearPair(txHz, {
    widthHz: siteWidthHz(index, site),
    shiftHz,
    plan: index.plan.station,
    taken: aroundHotspot(index, site),
  });
}

/**
 * Patches that set a hotspot to send on `hz`, its pair kept unless another shift is asked for, with every channel that
 * was on its old frequencies.
 */
export function moveSite(index: PlanIndex, site: Site, hz: number, shiftHz: number = shiftOf(site)): Patch[] {
  const listensHz = hz + shiftHz;
  const patches = [set(siteFrequencyPointer(site, 'rxHz'), listensHz), set(siteFrequencyPointer(site), hz)];
  for (const { channel, pointer } of channelsOfSite(index, site.id)) {
    if (channel.rxHz === site.txHz) patches.push(set(`${pointer}/rxHz`, hz));
    if (channel.txHz === site.rxHz) patches.push(set(`${pointer}/txHz`, listensHz));
  }
  return patches;
}

/** What the press that moves a hotspot says. */
export const MOVE = 'Move {site} and its channels to {clear} MHz';

/** The press that moves a hotspot to the nearest clear frequency; none where there is none. */
export function moveFixes(index: PlanIndex, site: Hotspot) {
  const clear = clearOfHz(index, site);
  if (clear === null) return [];
  const data = { site: site.name, clear: formatMHz(clear) };
  return [{ id: 'move' as const, data, patches: moveSite(index, site, clear) }];
}

/** Calls `visit` for the first side of each hotspot that `fault` finds something about. */
export function eachHotspotSide<T>(
  index: PlanIndex,
  fault: (site: Hotspot, side: Side) => T | null,
  visit: (site: Hotspot, side: Side, found: T) => void,
): void {
  for (const site of hotspotsOf(index.plan)) {
    for (const side of sidesOf(site)) {
      const found = fault(site, side);
      if (found === null) continue;
      visit(site, side, found);
      // Both sides move together: one press mends both.
      break;
    }
  }
}
