/** Channels of a zone in order: by distance, by name, by use, or as they stand in the codeplug. */
import { purposeOf, PURPOSES } from '../path/purpose';
import type { Modes } from '../path/mode-path';
import { positionOf } from '../plan/site-position';
import type { Channel, Id, Plan, Position, ZoneOrder } from '../plan/types';
import { legBetween } from '../units/geo/geodesic';

const NAMES = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/** Metres from a place to the site of a channel; infinite where one of them is not known. */
export function distanceTo(plan: Plan, from: Position | null): (channel: Channel) => number {
  const known = new Map<Id, number>();
  return ({ siteId }) => {
    const site = siteId === null ? undefined : plan.sites.byId[siteId];
    if (!site || !from) return Infinity;
    let metres = known.get(site.id);
    if (metres === undefined) {
      const there = positionOf(plan, site);
      known.set(site.id, (metres = there ? legBetween(from, there).distanceM : Infinity));
    }
    return metres;
  };
}

type Rank = (channel: Channel) => number;

const byRank =
  (rank: Rank) =>
  (a: Channel, b: Channel): number => {
    const [one, other] = [rank(a), rank(b)];
    return one === other ? 0 : one - other;
  };

/**
 * The same channels in order. What is equal is ordered by name, then by id, so that the same channels come out in the
 * same order however they stood before; `codeplug` keeps the order of the radio.
 * @param place metres along a trip or from a point; without, from the station
 */
export function inOrder(
  plan: Plan,
  modes: Modes,
  radioId: Id,
  ids: readonly Id[],
  order: ZoneOrder,
  place: Rank = distanceTo(plan, plan.station.position),
): Id[] {
  const { channels } = plan.codeplugs[radioId]!;
  const there = ids.filter((id) => id in channels.byId);
  if (order === 'codeplug') {
    const wanted = new Set(there);
    return channels.order.filter((id) => wanted.has(id));
  }
  const use: Rank = (channel) => PURPOSES.indexOf(purposeOf(channel, modes));
  const first = order === 'distance' ? [byRank(place), byRank(use)] : order === 'use' ? [byRank(use)] : [];
  const steps = [
    ...first,
    (a: Channel, b: Channel) => NAMES.compare(a.name, b.name),
    (a: Channel, b: Channel) => (a.id < b.id ? -1 : Number(a.id > b.id)),
  ];
  return there
    .map((id) => channels.byId[id]!)
    .sort((a, b) => steps.reduce((found, step) => found || step(a, b), 0))
    .map(({ id }) => id);
}
