/** How an invented program writes its files. */
import type { ModeId } from '../../plan/types';
import { FILE_NAMES, LANGUAGES, type Language, TITLES, WORDS } from './languages';
import type { Random } from './random';

export interface Dialect {
  id: string;
  /** What it is like, for people. */
  about: string;
  language: Language;
  container: 'delimited' | 'xml' | 'json' | 'sheet';
  delimiter: string;
  encoding: 'utf-8' | 'utf-16le' | 'windows-1252';
  mark: boolean;
  newline: string;
  quotes: 'all' | 'needed' | 'texts';
  headed: boolean;
  unitHz: number;
  decimals: number;
  comma: boolean;
  suffix: string;
  /** Both frequencies, or one with a shift: with its sign, or with a column for it. */
  shift: 'two frequencies' | 'signed' | 'direction';
  toneTenths: boolean;
  /**
   * A column for each direction; one that selects and others that hold; one that selects for each direction; codes
   * apart.
   */
  tones: 'two columns' | 'one mode' | 'two kinds' | 'codes apart';
  contactBy: 'name' | 'number' | 'row';
  listBy: 'name' | 'row';
  memberBy: 'name' | 'row';
  members: 'one cell' | 'columns' | 'rows';
  separator: string;
  /** Of the names for one thing the program uses this one. */
  titleAt(field: string): number;
  wordsAt(field: string): number;
  /** Rows of the table of channels, free places included; 0 for as many as there are. */
  fixedRows: number;
  nameLength: number;
  modes: readonly ModeId[];
  size: number;
  fileName(role: string): string;
}

type Given = Partial<Dialect> & Pick<Dialect, 'id' | 'about' | 'language' | 'modes'>;

const EXTENSION: Readonly<Record<Dialect['container'], string>> = {
  delimited: 'csv',
  xml: 'xml',
  json: 'json',
  sheet: 'xlsx',
};

function dialect(given: Given): Dialect {
  const base: Dialect = {
    container: 'delimited',
    delimiter: ',',
    encoding: 'utf-8',
    mark: false,
    newline: '\r\n',
    quotes: 'needed',
    headed: true,
    unitHz: 1e6,
    decimals: 5,
    comma: false,
    suffix: '',
    shift: 'two frequencies',
    toneTenths: false,
    tones: 'two columns',
    contactBy: 'name',
    listBy: 'name',
    memberBy: 'name',
    members: 'one cell',
    separator: '|',
    titleAt: () => 0,
    wordsAt: () => 0,
    fixedRows: 0,
    nameLength: 16,
    size: 60,
    fileName: () => '',
    ...given,
  };
  const one =
    base.container === 'delimited' ? (role: string) => FILE_NAMES[base.language][role] ?? role : () => base.id;
  // Where a row is a member, lists have no row of their own that could be named.
  if (base.members === 'rows') base.listBy = 'name';
  return { ...base, fileName: (role) => `${one(role)}.${base.delimiter === '\t' ? 'tsv' : EXTENSION[base.container]}` };
}

/** The six kits of the demo. */
export const DIALECTS: readonly Dialect[] = [
  dialect({
    id: 'tideline',
    about: 'English CSV, every cell quoted, MHz with five decimals, members of zones in one cell',
    language: 'en',
    quotes: 'all',
    modes: ['dmr', 'fm'],
    size: 80,
  }),
  dialect({
    id: 'leuchtfeuer',
    about:
      'German, semicolons and decimal commas, Windows-1252, a shift with a column for its sign, members in columns',
    language: 'de',
    delimiter: ';',
    encoding: 'windows-1252',
    comma: true,
    decimals: 4,
    shift: 'direction',
    members: 'columns',
    modes: ['dmr', 'fm'],
    size: 64,
    nameLength: 12,
  }),
  dialect({
    id: 'balise',
    about: 'French, tabs, UTF-16 with a mark, kHz, a row for each member of a zone',
    language: 'fr',
    delimiter: '\t',
    encoding: 'utf-16le',
    mark: true,
    newline: '\n',
    unitHz: 1000,
    decimals: 1,
    comma: true,
    shift: 'signed',
    members: 'rows',
    titleAt: () => 1,
    wordsAt: () => 1,
    modes: ['dmr', 'fm'],
    size: 70,
  }),
  dialect({
    id: 'faro',
    about: 'Spanish XML, whole Hz, contacts by the number of their row, tones in tenths',
    language: 'es',
    container: 'xml',
    unitHz: 1,
    decimals: 0,
    toneTenths: true,
    contactBy: 'row',
    listBy: 'row',
    modes: ['dmr', 'fm'],
    size: 60,
  }),
  dialect({
    id: 'plainrow',
    about: 'No titles, bars between cells, a fixed number of rows with free places, D-STAR and FM',
    language: 'en',
    delimiter: '|',
    headed: false,
    newline: '\n',
    decimals: 4,
    members: 'columns',
    fixedRows: 120,
    modes: ['dstar', 'fm'],
    wordsAt: () => 1,
    size: 60,
  }),
  dialect({
    id: 'vuurtoren',
    about: 'Dutch spreadsheet, a sheet for each table, C4FM, P25 and FM, MHz as numbers',
    language: 'nl',
    container: 'sheet',
    decimals: 0,
    modes: ['c4fm', 'p25', 'fm'],
    separator: ', ',
    size: 60,
  }),
];

/** A program that nobody has seen: everything about it comes from the seed. */
export function randomDialect(random: Random, seed: number): Dialect {
  const language = random.pick(LANGUAGES);
  const container = random.pick(['delimited', 'delimited', 'delimited', 'xml', 'json'] as const);
  const isText = container === 'delimited';
  const delimiter = random.pick([',', ';', '\t', '|']);
  const comma = isText && language !== 'en' && delimiter !== ',' && random.chance(0.6);
  const titles = new Map<string, number>();
  const words = new Map<string, number>();
  const chosen = (known: Map<string, number>, field: string, most: number) => {
    if (!known.has(field)) known.set(field, random.below(Math.max(1, most)));
    return known.get(field)!;
  };
  const [unitHz, decimals] = random.pick([
    [1e6, 4],
    [1e6, 6],
    [1e3, 1],
    [1, 0],
  ] as const);
  return dialect({
    id: `unseen-${seed}`,
    about: 'everything by chance',
    language,
    container,
    delimiter,
    encoding: isText ? random.pick(['utf-8', 'utf-8', 'utf-16le', 'windows-1252'] as const) : 'utf-8',
    mark: random.chance(0.5),
    newline: random.pick(['\r\n', '\n']),
    quotes: random.pick(['all', 'needed', 'texts'] as const),
    unitHz,
    decimals,
    comma,
    suffix: unitHz === 1e6 && isText && random.chance(0.2) ? ' MHz' : '',
    shift: random.pick(['two frequencies', 'two frequencies', 'signed', 'direction'] as const),
    tones: random.pick(['two columns', 'two columns', 'one mode', 'two kinds', 'codes apart'] as const),
    contactBy: random.pick(['name', 'name', 'row'] as const),
    listBy: random.pick(['name', 'name', 'row'] as const),
    members: container === 'delimited' ? random.pick(['one cell', 'columns', 'rows'] as const) : 'one cell',
    separator: random.pick(['|', ';', ',', ' / ']),
    titleAt: (field) => chosen(titles, field, TITLES[language][field]?.length ?? 1),
    wordsAt: (field) => chosen(words, field, WORDS[language][field]?.length ?? 1),
    modes: random.pick([['dmr', 'fm'], ['dmr', 'fm'], ['dmr'], ['dstar', 'fm'], ['c4fm', 'fm']] as const),
    size: 40 + random.below(100),
    nameLength: random.pick([10, 12, 16, 20]),
  });
}
