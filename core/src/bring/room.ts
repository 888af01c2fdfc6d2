/**
 * What ways take up in a radio, as a problem of whole numbers: which channels a way needs, which of them share a row or
 * a list, and how much the radio holds. What is in the radio and not of these ways stays, and takes up its room.
 */
import { isOfBase, placeKey, zoneBase } from '../builder/build';
import type { BuildModes } from '../builder/mode-build';
import type { ChannelDraft } from '../builder/types';
import { valuesOf } from '../codeplug/channel-fields';
import { roomIn } from '../codeplug/room';
import { sameJson } from '../plan/patches';
import { rows } from '../plan/table';
import type { Channel, Id, Plan, RadioLimits } from '../plan/types';
import type { Possible } from './ways';

type Limit = keyof RadioLimits;

/** Lists of one base: `members` go in, `free` find room in those that are there, `each` go into a further one. */
export interface Bin {
  members: number[];
  free: number;
  each: number;
}

/** At most `most` of these units; a unit is taken by any way that needs it. */
export interface RowRoom {
  limit: Limit;
  units: number[];
  most: number;
}

/** At most `most` further lists over all bins; a unit is in one of them. */
export interface ListRoom {
  limit: Limit;
  bins: Bin[];
  most: number;
}

export interface Problem {
  /** By way, in order: the units that it needs. A unit is a channel or a row, counted once whoever needs it. */
  needs: number[][];
  units: number;
  rows: RowRoom[];
  lists: ListRoom[];
  /** Ways that stay whatever happens: somebody changed their channel by hand. */
  fixed: ReadonlySet<number>;
}

/** Units by their keys, numbered as they come. */
class Units {
  private readonly numbers = new Map<string, number>();

  of(key: string): number {
    let number = this.numbers.get(key);
    if (number === undefined) this.numbers.set(key, (number = this.numbers.size));
    return number;
  }

  get count(): number {
    return this.numbers.size;
  }
}

interface Rows {
  units: Set<number>;
  count: number;
}

interface Lists {
  bins: Map<string, Bin & { keys: Set<number> }>;
  count: number;
}

/** What the ways that a radio can have take up in it, and what room there is. */
export function problemOf(plan: Plan, modes: BuildModes, radioId: Id, possible: readonly Possible[]): Problem {
  const { limits } = plan.radios.byId[radioId]!;
  const codeplug = plan.codeplugs[radioId]!;
  const units = new Units();
  const rowsOf = new Map<Limit, Rows>();
  const listsOf = new Map<Limit, Lists>();
  const there = channelsThere(plan, radioId, possible);
  const zoned = new Map<Id, Id>();
  for (const zone of rows(codeplug.zones)) for (const id of zone.channelIds) if (!zoned.has(id)) zoned.set(id, zone.id);
  const channelUnits = new Set<number>();
  const fixed = new Set<number>();

  const binIn = (limit: Limit, count: number, base: string, each: number, sizes: () => readonly number[]) => {
    const lists = listsOf.get(limit) ?? { bins: new Map(), count };
    listsOf.set(limit, lists);
    let bin = lists.bins.get(base);
    if (!bin) {
      const free = sizes().reduce((sum, size) => sum + Math.max(0, each - size), 0);
      lists.bins.set(base, (bin = { members: [], keys: new Set(), free, each }));
    }
    return bin;
  };
  const join = (bin: Bin & { keys: Set<number> }, unit: number) => {
    if (bin.keys.has(unit)) return;
    bin.keys.add(unit);
    bin.members.push(unit);
  };

  const needs = possible.map(({ drafts }, at) =>
    drafts.flatMap((draft) => {
      const channel = there.get(placeKey(draft.siteId, draft.destination));
      const unit = units.of(`channel ${placeKey(draft.siteId, draft.destination)}`);
      const taken = [unit];
      channelUnits.add(unit);
      if (channel && isHandMade(channel)) fixed.add(at);
      zone(draft, channel, unit);
      const { takes } = modes[draft.values.mode].build as { takes?: (one: ChannelDraft, of: typeof codeplug) => Takes };
      const more = takes?.(draft, codeplug);
      for (const { limit, key, isThere, count } of more?.rows ?? []) {
        const known = rowsOf.get(limit) ?? { units: new Set(), count };
        rowsOf.set(limit, known);
        if (isThere) continue;
        const row = units.of(`${limit} ${key}`);
        known.units.add(row);
        taken.push(row);
      }
      for (const { limit, each, base, key, isThere, sizes, count } of more?.lists ?? []) {
        const bin = binIn(limit, count, base, roomIn(limits[each]), sizes);
        if (isThere) continue;
        const place = units.of(`${limit} ${base} ${key}`);
        join(bin, place);
        taken.push(place);
      }
      return taken;
    }),
  );

  const others = codeplug.channels.order.length - there.size;
  return {
    needs,
    units: units.count,
    rows: [
      { limit: 'channels', units: [...channelUnits], most: roomIn(limits.channels) - others },
      ...[...rowsOf].map(([limit, one]): RowRoom => ({
        limit,
        units: [...one.units],
        most: roomIn(limits[limit]) - one.count,
      })),
    ],
    lists: [...listsOf].map(([limit, one]): ListRoom => ({
      limit,
      bins: [...one.bins.values()].map(({ members, free, each }) => ({ members, free, each })),
      most: roomIn(limits[limit]) - one.count,
    })),
    fixed,
  };

  function zone(draft: ChannelDraft, channel: Channel | undefined, unit: number): void {
    const base = zoneBase(draft);
    const zoneId = channel && zoned.get(channel.id);
    // Somebody put it elsewhere: there it stays.
    if (zoneId !== undefined && !isOfBase(zoneId, base)) return;
    const sizes = () =>
      rows(codeplug.zones).flatMap(({ id, channelIds }) => (isOfBase(id, base) ? [channelIds.length] : []));
    const bin = binIn('zones', codeplug.zones.order.length, base, roomIn(limits.channelsPerZone), sizes);
    if (bin.keys.has(unit)) return;
    // Its place in the zone is free again where it goes.
    if (zoneId !== undefined) bin.free += 1;
    join(bin, unit);
  }
}

type Takes = ReturnType<NonNullable<BuildModes[keyof BuildModes]['build']['takes']>>;

const isHandMade = (channel: Channel): boolean => channel.built === null || !sameJson(valuesOf(channel), channel.built);

/** The channels that are there for these ways, by what they reach through which site. */
function channelsThere(plan: Plan, radioId: Id, possible: readonly Possible[]): ReadonlyMap<string, Channel> {
  const wanted = new Set(
    possible.flatMap(({ drafts }) => drafts.map(({ siteId, destination }) => placeKey(siteId, destination))),
  );
  const there = new Map<string, Channel>();
  for (const channel of rows(plan.codeplugs[radioId]!.channels)) {
    if (!channel.destination || (channel.wantId === null && channel.built === null)) continue;
    const key = placeKey(channel.siteId, channel.destination);
    if (wanted.has(key) && !there.has(key)) there.set(key, channel);
  }
  return there;
}

/** Further lists that a bin needs for so many members. */
const furtherFor = ({ free, each }: Bin, count: number): number => Math.max(0, Math.ceil((count - free) / each));

/**
 * What is full for one more way, beside those that are taken: a function of the way. Counted once for all, so that
 * thousands can be asked about.
 */
export function fullBeside({ needs, rows: all, lists }: Problem, taken: ReadonlySet<number>): (way: number) => Limit[] {
  const used = new Set([...taken].flatMap((way) => needs[way]!));
  const inRows = all.map(({ limit, units, most }) => ({
    limit,
    units: new Set(units),
    left: most - countIn(units, used),
  }));
  const inLists = lists.map(({ limit, bins, most }) => {
    const counts = bins.map(({ members }) => countIn(members, used));
    const binOf = new Map(bins.flatMap(({ members }, at) => members.map((unit) => [unit, at] as const)));
    const left = most - bins.reduce((sum, bin, at) => sum + furtherFor(bin, counts[at]!), 0);
    return { limit, bins, counts, binOf, left };
  });
  return (way) => {
    const fresh = [...new Set(needs[way]!)].filter((unit) => !used.has(unit));
    const over: Limit[] = [];
    for (const { limit, units, left } of inRows)
      if (fresh.filter((unit) => units.has(unit)).length > left) over.push(limit);
    for (const { limit, bins, counts, binOf, left } of inLists) {
      const more = new Map<number, number>();
      for (const unit of fresh) {
        const at = binOf.get(unit);
        if (at !== undefined) more.set(at, (more.get(at) ?? 0) + 1);
      }
      const further = [...more].reduce(
        (sum, [at, count]) => sum + furtherFor(bins[at]!, counts[at]! + count) - furtherFor(bins[at]!, counts[at]!),
        0,
      );
      if (further > left) over.push(limit);
    }
    return [...new Set(over)];
  };
}

const countIn = (units: readonly number[], used: ReadonlySet<number>): number =>
  units.reduce((count, unit) => count + Number(used.has(unit)), 0);

/** What would go over if these ways were taken; empty where they fit. */
export function overFor({ needs, rows: all, lists }: Problem, taken: ReadonlySet<number>): Limit[] {
  const used = new Set([...taken].flatMap((way) => needs[way]!));
  const over = [
    ...all.filter(({ units, most }) => countIn(units, used) > most),
    ...lists.filter(
      ({ bins, most }) => bins.reduce((sum, bin) => sum + furtherFor(bin, countIn(bin.members, used)), 0) > most,
    ),
  ];
  return [...new Set(over.map(({ limit }) => limit))];
}
