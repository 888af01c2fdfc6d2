/** How cells name rows of another table, read and written. */
import type { CellCodec, NamedBy } from '../plan/kit';
import { listText } from '../tables/spanned';
import { decodeCell } from './codec';
import { cellOf, columnsOfField, isFreeRow, type KitTable } from './kit-tables';
import { itemsOf } from './learn/targets';

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

const WAYS: readonly NamedBy[] = ['name', 'number', 'key', 'row', 'row from 0'];

/** Looks rows up by what cells call them; of several that are called the same, the first. */
export class RowLookup {
  private readonly byWay: ReadonlyMap<NamedBy, ReadonlyMap<string, RowNames>>;

  constructor(readonly rows: readonly RowNames[]) {
    this.byWay = new Map(
      WAYS.map((by) => {
        const found = new Map<string, RowNames>();
        for (const row of rows) {
          const name = nameBy(by, row);
          if (name !== '' && !found.has(name)) found.set(name, row);
        }
        return [by, found];
      }),
    );
  }

  find(by: NamedBy, text: string): RowNames | undefined {
    const plain = text.trim();
    return this.byWay.get(by)!.get(by === 'name' || by === 'key' ? plain : String(Number(plain)));
  }
}

/** The names of the rows of a table, free places left out. */
export function rowNames(table: KitTable, idOf: (row: number) => string): RowNames[] {
  const [name] = columnsOfField(table, 'name');
  const [number] = columnsOfField(table, 'number');
  const [key] = columnsOfField(table, 'row');
  return table.table.rows.flatMap((_, row): RowNames[] => {
    if (isFreeRow(table, row)) return [];
    return [
      {
        id: idOf(row),
        name: name ? cellOf(table, row, name).trim() : '',
        number: number?.layout.codec ? (decodeCell(number.layout.codec, cellOf(table, row, number)) ?? '') : '',
        key: key ? cellOf(table, row, key).trim() : '',
        place: row + 1,
      },
    ];
  });
}

/** The texts by which a row of a table of lists names its members, one after the other. */
export function memberTexts(table: KitTable, row: number): { text: string; by: NamedBy; column: string }[] {
  return columnsOfField(table, 'member').flatMap((column) => {
    const { codec, title } = column.layout;
    const cell = cellOf(table, row, column);
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
