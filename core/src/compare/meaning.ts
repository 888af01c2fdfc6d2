/**
 * Two codeplugs held against each other by what a channel is: its frequencies, codes, slot, number. Neither names nor
 * places in a list decide which two are the same.
 */
import type { ColumnField } from '../codeplug/channel-field';
import { PATH_WEIGHT } from '../codeplug/channel-field';
import { channelFields } from '../codeplug/channel-fields';
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import { MODE_DATA } from '../plan/modes';
import { rows } from '../plan/table';
import type { ChannelValues, CodeplugBlocks, Id, ModeId, Table } from '../plan/types';

/** One side of a comparison: a codeplug of the plan, what was written, or what a file says. */
export interface Side extends CodeplugBlocks {
  channels: Table<ChannelValues & { id: Id }>;
}

export interface Compared {
  /** Fields of a channel that both sides say, by the id of the other side's channel; without: all. */
  said?: ReadonlyMap<Id, ReadonlySet<string>>;
  /** What a channel of this side is called on the other, where names are cut to fit. */
  nameThere?: (channel: ChannelValues & { id: Id }) => string;
}

export interface FieldDifference {
  fieldId: string;
  title: string;
  here: string;
  there: string;
  /** See `ChannelField.weight`. */
  weight: number;
}

/**
 * `renamed`: the same path under another name. `other path`: the same name, another path. `differs`: the same path and
 * name, other settings; or the nearest of what is left.
 */
export type MatchKind = 'same' | 'renamed' | 'other path' | 'differs' | 'only here' | 'only there';

export interface ChannelMatch {
  kind: MatchKind;
  hereId: Id | null;
  thereId: Id | null;
  name: string;
  nameThere: string;
  /** The likeliest to matter first. */
  differences: FieldDifference[];
  /** At another place among those that both sides have. */
  moved: boolean;
}

type One = ChannelValues & { id: Id };

/** Longest rising run of a list of places: what is in it has not moved. */
function unmoved(places: readonly number[]): Set<number> {
  const tails: number[] = [];
  const before = new Array<number>(places.length).fill(-1);
  places.forEach((place, at) => {
    let [low, high] = [0, tails.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (places[tails[middle]!]! < place) low = middle + 1;
      else high = middle;
    }
    before[at] = low > 0 ? tails[low - 1]! : -1;
    tails[low] = at;
  });
  const kept = new Set<number>();
  for (let at = tails.at(-1) ?? -1; at >= 0; at = before[at]!) kept.add(places[at]!);
  return kept;
}

const NONE: readonly ColumnField[] = [];

/** The fields that channels of a mode have, picked out once. */
function byMode(fields: readonly ColumnField[]): (mode: ModeId) => readonly ColumnField[] {
  const known = new Map<ModeId, readonly ColumnField[]>();
  return (mode) => {
    const mine = known.get(mode) ?? fields.filter(({ modes }) => !modes || modes.includes(mode));
    known.set(mode, mine);
    return mine;
  };
}

class Comparison {
  private readonly fields: (mode: ModeId) => readonly ColumnField[];
  private readonly pathFields: (mode: ModeId) => readonly ColumnField[];
  private readonly pairs = new Map<Id, One>();
  private readonly takenThere = new Set<Id>();

  constructor(
    modes: CodeplugModes,
    private readonly here: Side,
    private readonly there: Side,
    private readonly options: Compared,
  ) {
    const fields = channelFields(modes).filter(({ id }) => id !== 'name');
    this.fields = byMode(fields);
    this.pathFields = byMode(fields.filter(({ weight }) => weight >= PATH_WEIGHT));
  }

  /** The fields of those that the other side says and that differ; it is asked of every pair that may be one. */
  private differing(fields: readonly ColumnField[], one: One, other: One): readonly ColumnField[] {
    const said = this.options.said?.get(other.id);
    let found: ColumnField[] | null = null;
    for (const field of fields)
      if ((!said || said.has(field.id)) && !this.same(field, one, other)) (found ??= []).push(field);
    return found ?? NONE;
  }

  private same(field: ColumnField, one: One, other: One): boolean {
    if (field.same) return field.same(one, this.here, other, this.there);
    return field.show(one, this.here) === field.show(other, this.there);
  }

  private nameOf(one: One): string {
    return this.options.nameThere?.(one) ?? one.name;
  }

  differences(one: One, other: One): FieldDifference[] {
    if (one.mode !== other.mode)
      return [
        {
          fieldId: 'mode',
          title: 'Mode',
          here: MODE_DATA[one.mode].name,
          there: MODE_DATA[other.mode].name,
          weight: 10,
        },
      ];
    return this.differing(this.fields(one.mode), one, other)
      .map((field) => ({
        fieldId: field.id,
        title: field.title,
        here: field.show(one, this.here),
        there: field.show(other, this.there),
        weight: field.weight,
      }))
      .sort((a, b) => b.weight - a.weight);
  }

  private pair(one: One, other: One): void {
    this.pairs.set(one.id, other);
    this.takenThere.add(other.id);
  }

  private left(): { here: One[]; there: One[] } {
    return {
      here: rows(this.here.channels).filter(({ id }) => !this.pairs.has(id)),
      there: rows(this.there.channels).filter(({ id }) => !this.takenThere.has(id)),
    };
  }

  /** Pairs what has the same key, those of the same name first, then those of the same settings; each once. */
  private pairBy(
    keyHere: (one: One) => string,
    keyThere: (one: One) => string,
    fits: (one: One, other: One) => boolean,
  ): void {
    const { here, there } = this.left();
    const byKey = new Map<string, One[]>();
    for (const other of there) {
      const key = keyThere(other);
      const known = byKey.get(key);
      if (known) known.push(other);
      else byKey.set(key, [other]);
    }
    const take = (isWanted: (one: One, other: One) => boolean) => {
      for (const one of here) {
        if (this.pairs.has(one.id)) continue;
        const others = byKey.get(keyHere(one)) ?? [];
        const at = others.findIndex((other) => isWanted(one, other) && fits(one, other));
        if (at >= 0) this.pair(one, others.splice(at, 1)[0]!);
      }
    };
    take((one, other) => this.nameOf(one) === other.name);
    take((one, other) => this.differences(one, other).length === 0);
    take(() => true);
  }

  private samePath(one: One, other: One): boolean {
    return one.mode === other.mode && this.differing(this.pathFields(one.mode), one, other).length === 0;
  }

  /** How much of the path differs; what is near enough may be the same channel with a wrong value. */
  private distance(one: One, other: One): number {
    return this.differing(this.pathFields(one.mode), one, other).reduce((sum, { weight }) => sum + weight, 0);
  }

  run(): ChannelMatch[] {
    const frequencies = (one: One) => `${one.mode} ${one.rxHz}`;
    this.pairBy(frequencies, frequencies, (one, other) => this.samePath(one, other));
    this.pairBy(
      (one) => this.nameOf(one),
      ({ name }) => name,
      () => true,
    );
    // One wrong value at the same frequency, under another name.
    this.pairBy(frequencies, frequencies, (one, other) => this.distance(one, other) <= 6);
    return this.matches();
  }

  private matches(): ChannelMatch[] {
    const placeThere = new Map(this.there.channels.order.map((id, at) => [id, at]));
    const paired = rows(this.here.channels).filter(({ id }) => this.pairs.has(id));
    const places = paired.map(({ id }) => placeThere.get(this.pairs.get(id)!.id)!);
    const kept = unmoved(places);
    const here = rows(this.here.channels).map((one): ChannelMatch => {
      const other = this.pairs.get(one.id);
      if (!other)
        return {
          kind: 'only here',
          hereId: one.id,
          thereId: null,
          name: one.name,
          nameThere: '',
          differences: [],
          moved: false,
        };
      const differences = this.differences(one, other);
      const isNamed = this.nameOf(one) === other.name || !(this.options.said?.get(other.id)?.has('name') ?? true);
      const isPath = differences.every(({ weight }) => weight < PATH_WEIGHT);
      const kind: MatchKind = !isPath
        ? isNamed
          ? 'other path'
          : 'differs'
        : !isNamed
          ? 'renamed'
          : differences.length > 0
            ? 'differs'
            : 'same';
      const moved = !kept.has(placeThere.get(other.id)!);
      return { kind, hereId: one.id, thereId: other.id, name: one.name, nameThere: other.name, differences, moved };
    });
    const there = this.left().there.map((other): ChannelMatch => ({
      kind: 'only there',
      hereId: null,
      thereId: other.id,
      name: '',
      nameThere: other.name,
      differences: [],
      moved: false,
    }));
    return [...here, ...there];
  }
}

/** Every channel of both sides: those of this side in its order, then what only the other has. */
export function compareChannels(modes: CodeplugModes, here: Side, there: Side, options: Compared = {}): ChannelMatch[] {
  return new Comparison(modes, here, there, options).run();
}

/** What differs between two channels, the likeliest to keep a call from coming through first. */
export function channelDifferences(
  modes: CodeplugModes,
  one: { channel: One; blocks: CodeplugBlocks },
  other: { channel: One; blocks: CodeplugBlocks },
): FieldDifference[] {
  const side = ({ channel, blocks }: { channel: One; blocks: CodeplugBlocks }): Side => ({
    ...blocks,
    channels: { byId: { [channel.id]: channel }, order: [channel.id] },
  });
  return new Comparison(modes, side(one), side(other), {}).differences(one.channel, other.channel);
}
