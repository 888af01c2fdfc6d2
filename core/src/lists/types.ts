/** Lists of repeaters as other people keep them, in whatever layout. */
export const LISTED_MODES = ['FM', 'DMR', 'D-STAR', 'C4FM', 'P25'] as const;
export type ListedMode = (typeof LISTED_MODES)[number];

/** One line of a list, in our terms. Frequencies in Hz, positions in degrees (WGS 84). */
export interface ListedSite {
  callSign: string;
  /** Module letter, empty when the list gives none. */
  module: string;
  name: string;
  place: string;
  lat: number | null;
  lon: number | null;
  /** What the site sends on: the radio's receive. */
  txHz: number;
  /** What it listens on: the radio's transmit; `null` when the list does not say. */
  rxHz: number | null;
  modes: ListedMode[];
  colorCode: number | null;
  /** Static: always on; else taken up when somebody keys it. */
  groups: { slot: 1 | 2; number: number; static: boolean }[];
  ctcssHz: number | null;
  dcs: string | null;
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

export type ColumnField =
  | 'callSign' | 'module' | 'name' | 'place' | 'lat' | 'lon' | 'position' | 'locator'
  | 'output' | 'input' | 'shift' | 'tone' | 'colorCode' | 'slot1' | 'slot2' | 'slot1Dynamic' | 'slot2Dynamic' | 'nac' | 'groupId' | 'networks' | 'linked'
  | 'modes' | 'mode:FM' | 'mode:DMR' | 'mode:D-STAR' | 'mode:C4FM' | 'mode:P25'
  | 'status' | 'confirmed' | 'notes' | 'unused';

/** What a column was taken for. Frequencies and shifts carry the factor that makes their numbers Hz. */
export interface Column {
  title: string;
  field: ColumnField;
  factor: number;
  /** 0 to 1: how sure the guess is. */
  confidence: number;
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
