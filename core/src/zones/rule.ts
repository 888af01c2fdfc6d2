/**
 * Zones that say what belongs into them: which channels that is now, and what bringing them up to date would change.
 */
import { roomIn } from '../codeplug/room';
import type { Modes } from '../path/mode-path';
import { purposeOf } from '../path/purpose';
import { networkIdOf } from '../plan/networks';
import { sameJson } from '../plan/patches';
import { positionOf } from '../plan/site-position';
import { rows } from '../plan/table';
import type { Channel, Id, Plan, Position, ZoneRule, ZoneSource } from '../plan/types';
import { nearestIndex } from '../units/geo/nearest';
import { distanceTo, inOrder } from './order';

/** The channels of a source, and how far along or away each is; without, by the station. */
interface Found {
  takes: (channel: Channel) => boolean;
  place?: (channel: Channel) => number;
}

/** A trip that comes by a site again has it where it comes first. */
function alongTrip(plan: Plan, points: readonly Position[], withinM: number): Found {
  const sites = rows(plan.sites).flatMap((site) => {
    const at = positionOf(plan, site);
    return at ? [{ id: site.id, at }] : [];
  });
  // A trip of one place is that place.
  const trip = points.length === 1 ? [points[0]!, points[0]!] : points;
  const { beside } = nearestIndex(sites.map(({ at }) => at)).along(trip, withinM);
  const alongM = new Map<Id, number>();
  for (const one of beside) {
    const { id } = sites[one.at]!;
    alongM.set(id, Math.min(one.alongM, alongM.get(id) ?? Infinity));
  }
  const place = ({ siteId }: Channel) => (siteId === null ? undefined : alongM.get(siteId)) ?? Infinity;
  return { takes: (channel) => place(channel) < Infinity, place };
}

function found(plan: Plan, modes: Modes, from: ZoneSource): Found {
  switch (from.kind) {
    case 'near': {
      const place = distanceTo(plan, from.centre ?? plan.station.position);
      return { takes: (channel) => place(channel) <= from.withinKm * 1000, place };
    }
    case 'along':
      return alongTrip(plan, from.points, from.withinKm * 1000);
    case 'home':
      return { takes: ({ siteId }) => siteId !== null && plan.sites.byId[siteId]?.kind === 'hotspot' };
    case 'network':
      return { takes: ({ destination }) => networkIdOf(destination) === from.networkId };
    case 'purpose':
      return { takes: (channel) => purposeOf(channel, modes) === from.purpose };
  }
}

/** The channels of a radio that a rule takes in, in its order; none that depends on a place while none is known. */
export function channelsOfRule(plan: Plan, modes: Modes, radioId: Id, rule: ZoneRule): Id[] {
  const { takes, place } = found(plan, modes, rule.from);
  const ids = rows(plan.codeplugs[radioId]!.channels)
    .filter((channel) => (rule.modes.length === 0 || rule.modes.includes(channel.mode)) && takes(channel))
    .map(({ id }) => id);
  return inOrder(plan, modes, radioId, ids, rule.order, place);
}

/** What bringing a zone up to date would make of it. */
export interface ZoneRefresh {
  zoneId: Id;
  then: Id[];
  added: Id[];
  removed: Id[];
  /** What belongs into it, and finds no room in a zone of this radio. */
  leftOut: Id[];
  /** The same channels in another order. */
  reordered: boolean;
}

/** `null` where the zone has no rule, or is what its rule says. */
export function refreshOf(plan: Plan, modes: Modes, radioId: Id, zoneId: Id): ZoneRefresh | null {
  const zone = plan.codeplugs[radioId]!.zones.byId[zoneId];
  if (!zone?.rule) return null;
  const all = channelsOfRule(plan, modes, radioId, zone.rule);
  const room = roomIn(plan.radios.byId[radioId]!.limits.channelsPerZone);
  const then = all.slice(0, room);
  if (sameJson(then, zone.channelIds)) return null;
  const [before, after] = [new Set(zone.channelIds), new Set(then)];
  const added = then.filter((id) => !before.has(id));
  const removed = zone.channelIds.filter((id) => !after.has(id));
  return {
    zoneId,
    then,
    added,
    removed,
    leftOut: all.slice(then.length),
    reordered: added.length + removed.length === 0,
  };
}

/** Every zone of a radio that is no longer what its rule says. */
export function refreshes(plan: Plan, modes: Modes, radioId: Id): ZoneRefresh[] {
  return plan.codeplugs[radioId]!.zones.order.flatMap((id) => refreshOf(plan, modes, radioId, id) ?? []);
}

/** Brings zones up to date in a draft. */
export function putRefreshes(plan: Plan, radioId: Id, all: readonly ZoneRefresh[]): void {
  for (const { zoneId, then } of all) plan.codeplugs[radioId]!.zones.byId[zoneId]!.channelIds = [...then];
}
