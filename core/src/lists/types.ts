/** Lists of repeaters as other people keep them, in whatever layout. */
import { MODE_DATA, MODE_IDS } from '../plan/modes';
import type { FmWidthHz } from '../plan/modes/fm/types';
import type { DayOrder } from './dates';
import type { SiteTone } from '../units/tones';

/** Modes by the names that lists use: first the one without networks, which most lists have. */
export const LISTED_MODES: readonly string[] = [...MODE_IDS]
  .sort((a, b) => Number(MODE_DATA[b].blanks.network === null) - Number(MODE_DATA[a].blanks.network === null))
  .map((mode) => MODE_DATA[mode].name);

/** The name of a mode. */
export type ListedMode = string;

/** One line of a list, in our terms. Frequencies in Hz, positions in degrees (WGS 84). */
export interface ListedSite {
  callSign: string;
  /** Module letter, empty when the list gives none. */
  module: string;
  name: string;
  place: string;
  /** As the list writes it; empty where it does not say. */
  country: string;
  lat: number | null;
  lon: number | null;
  /** What the site sends on: the radio's receive. */
  txHz: number;
  /** What it listens on: the radio's transmit; `null` when the list does not say. */
  rxHz: number | null;
  modes: ListedMode[];
  colorCode: number | null;
  /** Static: always on; else taken up when somebody keys it. `slot` is `null` where the list does not say on which. */
  groups: { slot: 1 | 2 | null; number: number; static: boolean }[];
  /** The tone that opens it, and the one that it sends; `null` where the list does not say. */
  tone: SiteTone;
  toneOut: SiteTone;
  /** Spacing of its FM channel; `null` where the list does not say. */
  widthHz: FmWidthHz | null;
  /** Network access code of P25, hex. */
  nac: string | null;
  /** Group ID of C4FM, 00 to 99. */
  groupId: string | null;
  /** Networks, reflector families or room networks it reaches, as the list names them. */
  networks: string[];
  /** What it is linked to when nobody has linked it elsewhere. */
  linked: string;
  status: 'on the air' | 'off the air' | 'not said';
  /** ISO date. */
  confirmedOn: string | null;
  notes: string;
}

/**
 * What a column can hold: what every list of sites may say, what the modes add, and `mode:NAME` for whether a site has
 * that mode.
 */
export type ColumnField =
  | 'callSign'
  | 'module'
  | 'name'
  | 'place'
  | 'country'
  | 'lat'
  | 'lon'
  | 'position'
  | 'locator'
  | 'output'
  | 'input'
  | 'shift'
  | 'networks'
  | 'linked'
  | 'modes'
  | 'status'
  | 'confirmed'
  | 'notes'
  | 'unused'
  | ModeColumn
  | `mode:${string}`;

/** Columns that modes bring. */
export type ModeColumn =
  | 'tone'
  | 'toneOut'
  | 'width'
  | 'colorCode'
  | 'slot1'
  | 'slot2'
  | 'slot1Dynamic'
  | 'slot2Dynamic'
  | 'groups'
  | 'nac'
  | 'groupId';

/** What a column was taken for. Frequencies and shifts carry the factor that makes their numbers Hz. */
export interface Column {
  title: string;
  field: ColumnField;
  factor: number;
  /** 0 to 1: how sure the guess is. */
  confidence: number;
  /** Hemisphere letters that stand in the column: they decide those that mean two things. */
  letters?: string;
  /** Which of day and month comes first, where the column shows it. */
  dayOrder?: DayOrder;
  /** What the user is asked where the list does not tell. */
  question?: string;
}

/** A list as a table, before anybody knows what its columns mean. */
export interface RawList {
  /** Headings, `null` when the first line is data. */
  header: string[] | null;
  rows: { line: number; cells: string[] }[];
  /** How it was written: `ISO-8859-1, semicolons`. */
  layout: string;
  /** What the columns mean, where the format itself says it; frequencies in Hz. */
  fields?: ColumnField[];
}

/** How a column is recognised. */
export interface Guesser {
  /** Words of a heading. */
  heading: RegExp;
  /**
   * A heading that means nothing else: the column is this one whatever stands in it, and what cannot be read is
   * doubted.
   */
  certain?: RegExp;
  /** 0 to 1: how well the filled cells fit. */
  content: (cells: readonly string[]) => number;
  /** Content alone is enough where nothing else looks like it. */
  byContentAlone?: number;
  /** Stricter, where there is no heading to go by. */
  alone?: (cells: readonly string[]) => number;
}

/** The cells of one line, by what their columns hold. */
export interface CellReader {
  /** Empty where the list has no such column. */
  cell(field: ColumnField): string;
  /** Tells that a cell holds what cannot be taken; the rest of the line is read on. */
  doubt(field: ColumnField, expected: string): null;
}
