/**
 * A kit: the files that one radio's own program reads and writes together, each with its layout. Data only: no row of
 * anybody's codeplug is in it but one made of usual values, after which new rows are made.
 */
import type { Id } from './basics';
import { exact, line, NAME, nullOr, ref, type Schema, whole } from './schema-parts';

/** What the rows of a table are. `other`: not understood, carried along as it is. */
export const KIT_ROLES = [
  'channels',
  'zones',
  'scan lists',
  'contacts',
  'receive lists',
  'rooms',
  'codes',
  'site list',
  'other',
] as const;
export type KitRole = (typeof KIT_ROLES)[number];

/** By what a cell names a row of another table. `row`: its place, from 1; `row from 0`; `key`: its column `row`. */
export const NAMED_BY = ['name', 'number', 'key', 'row', 'row from 0'] as const;
export type NamedBy = (typeof NAMED_BY)[number];

/** How the values of a column stand in its cells. The other side is the text of our own table, Hz for frequencies. */
export type CellCodec =
  | {
      as: 'frequency';
      /** Hz a unit. */
      unitHz: number;
      /** Digits behind the point: at least, and where the value does not need more, at most. */
      decimals: [number, number];
      comma: boolean;
      suffix: string;
      /** A sign before positive values. */
      plus: boolean;
    }
  /** Degrees; in millionths on our side. */
  | { as: 'degrees'; decimals: [number, number]; comma: boolean }
  | { as: 'whole'; width: number; prefix: string; suffix: string }
  | { as: 'hex'; width: number; prefix: string }
  /** Each pair: the word in the file, and what it means. Of several for one meaning the first is written. */
  | { as: 'words'; words: [string, string][] }
  | {
      as: 'tone';
      none: string;
      hertz: { prefix: string; suffix: string; comma: boolean; decimals: [number, number]; tenths: boolean };
      code: { prefix: string; normal: string; inverted: string };
    }
  /** A digital code (DCS) without tones beside it: `023`, `D023N`; `width` 0: as short as `23`. */
  | { as: 'code'; none: string; width: number; prefix: string; normal: string; inverted: string }
  | { as: 'text'; capitals: boolean; pad: number }
  | { as: 'named'; role: KitRole; by: NamedBy; none: string }
  /** Several in one cell; `list`: a list of XML or JSON. */
  | { as: 'members'; role: KitRole; by: NamedBy; separator: string };

export interface ColumnLayout {
  /** Empty where the table has no titles. */
  title: string;
  /** What it holds; `null`: carried along. */
  field: string | null;
  codec: CellCodec | null;
  /** What an empty cell means, in the words of the field; `null`: nothing is said. */
  blank: string | null;
  /** What stands in new rows where the plan says nothing. */
  usual: string;
  /** How sure it is, 0 to 1; 1: somebody said so. */
  confidence: number;
}

export interface TableLayout {
  /** The file of the kit it is in, and its part there: a sheet, the way to a list; empty where it is the whole file. */
  file: string;
  part: string;
  role: KitRole;
  headed: boolean;
  /** One row for each member of a list, its name repeated. */
  rowPerMember: boolean;
  columns: ColumnLayout[];
  /** The mode of its rows where no column says it; `null`: unknown. */
  mode: string | null;
  /** How many rows there may be; `null`: not known. */
  mostRows: number | null;
  /** Characters of a name; `null`: not known. */
  nameLength: number | null;
  letters: 'any' | 'plain' | 'capitals';
  /** A free place is a row without a name and a frequency: rows are filled and emptied, not added and removed. */
  fixedRows: boolean;
}

export interface KitFile {
  name: string;
  /** Which kind of file: `delimited`, `xml`, `json`, `sheet`. */
  kind: string;
  /** As people say it: `UTF-8, semicolons`. */
  dialect: string;
  /** The file with one row of usual values in each table, base64: new files are begun with it. */
  pattern: string;
}

export interface Kit {
  id: Id;
  name: string;
  /** The radio that takes these files; `null`: none yet. */
  radioId: Id | null;
  /** The files as the radio's program saved them last, a zip in base64; empty where they are given anew each time. */
  secretFiles: string;
  files: KitFile[];
  tables: TableLayout[];
}

const MOST_FILES = 40;
const MOST_TABLES = 80;
const MOST_COLUMNS = 300;
/** Base64 of a file that holds a row or two a table: titles and frames only. */
export const MOST_PATTERN = 400_000;
/** Larger files are not kept with the plan: they are given again. */
export const MOST_KEPT_FILES = 3_000_000;

const CELL = line(2000);
const WORD = line(200);
const FLAG: Schema = { type: 'boolean' };
const DECIMALS: Schema = { type: 'array', minItems: 2, maxItems: 2, items: whole(0, 12) };
const ROLE: Schema = { enum: [...KIT_ROLES] };
const BY: Schema = { enum: [...NAMED_BY] };

const codec: Schema = {
  type: 'object',
  discriminator: { propertyName: 'as' },
  required: ['as'],
  oneOf: [
    exact({
      as: { const: 'frequency' },
      unitHz: whole(1, 1_000_000_000),
      decimals: DECIMALS,
      comma: FLAG,
      suffix: WORD,
      plus: FLAG,
    }),
    exact({ as: { const: 'degrees' }, decimals: DECIMALS, comma: FLAG }),
    exact({ as: { const: 'whole' }, width: whole(0, 30), prefix: WORD, suffix: WORD }),
    exact({ as: { const: 'hex' }, width: whole(0, 30), prefix: WORD }),
    exact({
      as: { const: 'words' },
      words: { type: 'array', maxItems: 200, items: { type: 'array', minItems: 2, maxItems: 2, items: WORD } },
    }),
    exact({
      as: { const: 'tone' },
      none: WORD,
      hertz: exact({ prefix: WORD, suffix: WORD, comma: FLAG, decimals: DECIMALS, tenths: FLAG }),
      code: exact({ prefix: WORD, normal: WORD, inverted: WORD }),
    }),
    exact({ as: { const: 'code' }, none: WORD, width: whole(0, 3), prefix: WORD, normal: WORD, inverted: WORD }),
    exact({ as: { const: 'text' }, capitals: FLAG, pad: whole(0, 60) }),
    exact({ as: { const: 'named' }, role: ROLE, by: BY, none: WORD }),
    exact({ as: { const: 'members' }, role: ROLE, by: BY, separator: WORD }),
  ],
};

const column: Schema = exact({
  title: WORD,
  field: nullOr(line(60, 1)),
  codec: nullOr(codec),
  blank: nullOr(WORD),
  usual: CELL,
  confidence: { type: 'number', minimum: 0, maximum: 1 },
});

const tableLayout: Schema = exact({
  file: line(300, 1),
  part: line(300),
  role: ROLE,
  headed: FLAG,
  rowPerMember: FLAG,
  columns: { type: 'array', maxItems: MOST_COLUMNS, items: column },
  mode: nullOr(line(60, 1)),
  mostRows: nullOr(whole(0, 1_000_000)),
  nameLength: nullOr(whole(1, 200)),
  letters: { enum: ['any', 'plain', 'capitals'] },
  fixedRows: FLAG,
});

const kitFile: Schema = exact({
  name: line(300, 1),
  kind: line(60, 1),
  dialect: line(200),
  pattern: { type: 'string', maxLength: MOST_PATTERN, pattern: '^[A-Za-z0-9+/=]*$' },
});

export const KIT_SCHEMA: Schema = exact({
  id: ref('id'),
  name: NAME,
  radioId: nullOr(ref('id')),
  // On a server a token stands in its place.
  secretFiles: { type: 'string', maxLength: MOST_KEPT_FILES, pattern: '^[A-Za-z0-9+/=:-]*$' },
  files: { type: 'array', maxItems: MOST_FILES, items: kitFile },
  tables: { type: 'array', maxItems: MOST_TABLES, items: tableLayout },
});
