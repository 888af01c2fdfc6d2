/** What a column of somebody else's table can hold, and how it is recognised: by its title, by its cells, or both. */
import type { ModeCodeplug } from '../codeplug/mode-codeplug';
import type { RecordRow } from '../plan/record-kind';
import type { KitRole } from '../plan/kit';
import type { ChannelValues, CodeplugBlocks, Destination, Id, ModeId, Plan, Radio, Station } from '../plan/types';

/** How its cells are read. */
export type Reads =
  | { as: 'text'; fits: (cell: string) => boolean }
  | { as: 'frequency' }
  | { as: 'shift' }
  /** With a sign, at most so many. */
  | { as: 'degrees'; most: number }
  | { as: 'whole'; low: number; high: number }
  | { as: 'hex' }
  | { as: 'tone' }
  /** A digital code without tones beside it. */
  | { as: 'code' }
  /**
   * What each meaning is called, matched on plain words. `vague`: meanings that the other columns make one of the
   * others.
   */
  | { as: 'words'; words: Readonly<Record<string, RegExp>>; watts?: true; vague?: readonly string[] }
  /** A row of another table. */
  | { as: 'named'; role: KitRole }
  | { as: 'members' }
  /** The number of the row. */
  | { as: 'row' };

export interface KitField {
  /** Of a channel: the id of its column in our own table, where there is one. */
  id: string;
  /** As screens call it. */
  title: string;
  reads: Reads;
  /** Titles that mean it for sure, and those that may mean it; on plain titles. */
  heading: RegExp;
  loose?: RegExp;
  /** Titles that never mean it. */
  never?: RegExp;
  /** How much its cells alone say, 0 to 1. */
  telling: number;
  /** Asks of cells, where there is no title, more than that they can be read. */
  alone?: (cells: readonly string[]) => boolean;
}

/** A field of a channel that names a row which a mode keeps beside channels. */
export interface ChannelLink {
  fieldId: string;
  /** The fields of a channel that it says. */
  says: readonly string[];
  /** A cell that names nothing says that there is none; else nothing is said. */
  saysNone?: true;
  role: KitRole;
  /** Takes over what the row says; `null`: none. */
  take(values: ChannelValues, row: RecordRow | null, codeplug: CodeplugBlocks): void;
  /** What a channel means: a row by its id, or one like this, wherever it stands; `null`: none. */
  means(values: ChannelValues): Id | Omit<RecordRow, 'id'> | null;
}

/** A kind of row that a mode keeps beside channels, as other people's tables have it. */
export interface RecordRole {
  role: KitRole;
  mode: ModeId;
  /** The property of the mode's block that holds the rows. */
  key: string;
  /** What files and sheets of it are called; on plain titles. */
  called: RegExp;
  fields: readonly KitField[];
  /** Fields without which it is no table of this kind. */
  needs: readonly string[];
  /** A row in the words of its fields. `members`: the numbers of what it lists. */
  cells(row: RecordRow): { texts: Record<string, string>; members?: string[] };
  /** The row that such words mean, without id and name; `null` where they mean none. */
  row(texts: Readonly<Record<string, string>>, members: readonly string[]): Omit<RecordRow, 'id' | 'name'> | null;
  /** What is the same in two rows that are the same thing, whatever their names. */
  same(row: RecordRow): string;
  /** By what members of other tables name it beside its name: `417`. */
  number?(row: RecordRow): string;
  /** Its members are rows of this kind, each by its number. */
  lists?: KitRole;
  /** What a member is, by its number. */
  member?(number: string): Omit<RecordRow, 'id'>;
}

/** What a mode provides so that the files of any radio can be understood. */
export interface ModeKit {
  /** What a column of modes calls it; on plain words. */
  called: RegExp;
  /** Fields of which one is enough to say that a table has channels of this mode. */
  shownBy: readonly string[];
  fields: readonly KitField[];
  /** Fields of a channel that its site decides, beside the frequencies; the others say what is called. */
  ofSite: readonly string[];
  /** Whom a channel calls that no network of the plan has; `null`: nobody who could be added to one. */
  unknown?(values: ChannelValues): { number: number } | null;
  /** Adds such a one to a network of a draft. @returns what a channel for it is meant for */
  learn?(draft: Plan, networkId: Id, number: number, name: string): Destination;
  /** Rows beside channels that are somebody's own, such as contacts of friends. */
  personal?(row: RecordRow, plan: Plan): boolean;
  /** Who a radio calls as in this mode; what it says now, what it should say for this station. */
  identity?: { of(radio: Radio): string; own(station: Station): string; set(radio: Radio, station: Station): void };
  links: readonly ChannelLink[];
  roles: readonly RecordRole[];
}

/** The modes as they are handed in. */
export type KitModes = Readonly<Record<ModeId, ModeCodeplug & { kit: ModeKit }>>;
