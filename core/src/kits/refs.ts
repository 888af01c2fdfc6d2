/** How cells name rows of another table, read and written. */
import type { CellCodec, NamedBy } from '../plan/kit';
import { listItems, listText } from '../tables/spanned';
import { decodeCell } from './codec';
import { cellOf, columnsOfField, isFreeRow, type KitTable, type PlacedColumn } from './kit-tables';

/** What a row is called in each way of naming. */
export interface RowNames {
  id: string;
  name: string;
  number: string;
  key: string;
  /** From 1, over all rows of the table. */
  place: number;
}

/** What a row is called in one of the ways. */
export function nameBy(by: NamedBy, row: RowNames): string {
  switch (by) {
    case 'name':
      return row.name;
    case 'number':
      return row.number;
    case 'key':
      return row.key;
    case 'row':
      return String(row.place);
    case 'row from 0':
      return String(row.place - 1);
  }
}

/** A text by which a cell names a row, in the form in which such texts are compared. */
export function plainName(by: NamedBy, text: string): string {
  const plain = text.trim();
  return plain === '' || by === 'name' || by === 'key' ? plain : String(Number(plain));
}

/** Looks rows up by what cells call them; of several that are called the same, the first. */
export class RowLookup {
  private readonly byWay = new Map<NamedBy, ReadonlyMap<string, RowNames>>();

  constructor(readonly rows: readonly RowNames[]) {}

  private of(by: NamedBy): ReadonlyMap<string, RowNames> {
    const known = this.byWay.get(by);
    if (known) return known;
    const found = new Map<string, RowNames>();
    for (const row of this.rows) {
      const name = nameBy(by, row);
      if (name !== '' && !found.has(name)) found.set(name, row);
    }
    this.byWay.set(by, found);
    return found;
  }

  find(by: NamedBy, text: string): RowNames | undefined {
    return this.of(by).get(plainName(by, text));
  }
}

type CellAt = (column: PlacedColumn) => string;

/** What a row is called. `cell`: what stands in its columns; `place`: from 1. */
export function namesIn(table: KitTable, cell: CellAt, id: string, place: number): RowNames {
  const text = (field: string) => {
    const [column] = columnsOfField(table, field);
    return column ? cell(column).trim() : '';
  };
  const codec = columnsOfField(table, 'number')[0]?.layout.codec;
  const number = codec ? (decodeCell(codec, text('number')) ?? '') : '';
  return { id, name: text('name'), number, key: text('row'), place };
}

/** The names of the rows of a table, free places left out. */
export function rowNames(table: KitTable, idOf: (row: number) => string): RowNames[] {
  return table.table.rows.flatMap((_, row): RowNames[] =>
    isFreeRow(table, row) ? [] : [namesIn(table, (column) => cellOf(table, row, column), idOf(row), row + 1)],
  );
}

/** What a cell lists; spaces around are no part of it. */
export function itemsOf(text: string, separator: string): string[] {
  if (separator === 'list') return (listItems(text) ?? [text.trim()]).filter((one) => one !== '');
  return text
    .split(separator.trim() === '' ? separator : separator.trim())
    .map((one) => one.trim())
    .filter((one) => one !== '');
}

/** The texts by which a row of a table of lists names its members, one after the other. */
export function memberTexts(table: KitTable, cellAt: CellAt): { text: string; by: NamedBy; column: string }[] {
  return columnsOfField(table, 'member').flatMap((column) => {
    const { codec, title } = column.layout;
    const cell = cellAt(column);
    if (codec?.as === 'named')
      return cell.trim() === '' || cell === codec.none ? [] : [{ text: cell.trim(), by: codec.by, column: title }];
    if (codec?.as !== 'members') return [];
    return itemsOf(cell, codec.separator).map((text) => ({ text, by: codec.by, column: title }));
  });
}

/** Several members as one cell. */
export function membersCell({ separator }: Extract<CellCodec, { as: 'members' }>, items: readonly string[]): string {
  return separator === 'list' ? listText(items) : items.join(separator);
}
