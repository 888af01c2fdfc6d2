/** What the cells of a row say, by field. What cannot be read is told with its place. */
import type { CellCodec } from '../plan/kit';
import { quoted } from '../formats/format';
import { decodeCell } from './codec';
import { isNothing } from './plain';
import { cellOf, columnsOfField, type KitTable, type PlacedColumn } from './kit-tables';
import { isSplit, readTones, TONE_FIELDS } from './tones/split-tones';

const UNITS: Readonly<Record<number, string>> = { 1e6: 'MHz', 1e3: 'kHz' };

/** What a cell must be for it to be understood. */
export function expectedIn(codec: CellCodec): string {
  switch (codec.as) {
    case 'frequency':
      return `a number in units of ${UNITS[codec.unitHz] ?? `${codec.unitHz} Hz`}`;
    case 'degrees':
      return 'degrees';
    case 'whole':
      return `a whole number${codec.prefix === '' ? '' : ` behind “${codec.prefix}”`}`;
    case 'hex':
      return 'hex digits';
    case 'words':
      return codec.words.map(([word]) => `“${word}”`).join(', ');
    case 'tone':
      return `a tone, or “${codec.none}”`;
    case 'code':
      return `a digital code such as “${codec.prefix}023${codec.normal}”`;
    case 'text':
      return 'a text';
    case 'named':
    case 'members':
      return `the ${codec.by} of one of the ${codec.role}`;
  }
}

/** Says that a cell cannot be read. */
export type Tell = (table: KitTable, row: number, column: string, found: string, expected: string) => void;

/** Fields and what they say. */
export type RowTexts = Map<string, string>;

interface Columns {
  /** Those that hold a value of their own, and no row of another table. */
  own: readonly PlacedColumn[];
  isSplit: boolean;
}

/** Reads row after row into the same map: long tables have many. */
export class RowReader {
  private readonly texts: RowTexts = new Map();
  private readonly columns = new Map<KitTable, Columns>();

  constructor(private readonly tell: Tell) {}

  /** What a row says; until the next one is read. */
  read(table: KitTable, row: number): RowTexts {
    const { texts } = this;
    texts.clear();
    for (const column of this.columnsOf(table).own) {
      const { field, codec, blank, title } = column.layout;
      const cell = cellOf(table, row, column);
      if (cell.trim() === '') {
        if (blank !== null) texts.set(field!, blank);
        continue;
      }
      const text = decodeCell(codec!, cell);
      if (text !== undefined) texts.set(field!, text);
      else if (codec!.as !== 'words' || !isNothing(cell))
        this.tell(table, row, title, quoted(cell), expectedIn(codec!));
    }
    return texts;
  }

  /** The same with the tones that a table says in parts as if it had a column for each direction. */
  readChannel(table: KitTable, row: number): RowTexts {
    const texts = this.read(table, row);
    if (this.columnsOf(table).isSplit) this.joinTones(table, row, texts);
    return texts;
  }

  private columnsOf(table: KitTable): Columns {
    const known = this.columns.get(table) ?? {
      own: table.columns.filter(
        ({ layout: { field, codec } }) =>
          field !== null && codec !== null && field !== 'member' && codec.as !== 'named' && codec.as !== 'members',
      ),
      isSplit: isSplit((field) => columnsOfField(table, field).length > 0),
    };
    this.columns.set(table, known);
    return known;
  }

  private joinTones(table: KitTable, row: number, texts: RowTexts): void {
    const has = (field: string) => columnsOfField(table, field).length > 0;
    const parts = Object.fromEntries(TONE_FIELDS.map((field) => [field, texts.get(field)]));
    const { sent, heard, clash } = readTones(has, parts);
    for (const [field, tone] of [
      ['tone-tx', sent],
      ['tone-rx', heard],
    ] as const)
      if (tone === undefined) texts.delete(field);
      else texts.set(field, tone);
    if (!clash) return;
    const [selector] = TONE_FIELDS.flatMap((field) => columnsOfField(table, field));
    const holder = columnsOfField(table, clash.field)[0]!;
    const expected = `${clash.expected}, as “${selector!.layout.title}” says`;
    this.tell(table, row, holder.layout.title, quoted(cellOf(table, row, holder)), expected);
  }
}
