/**
 * A table of a kit while it is written: rows keep their place, get new cells, go, or come behind the last one. A row is
 * known by its handle: its place in the file, or behind all of those for a new one.
 */
import type { CellCodec } from '../../plan/kit';
import type { ChannelValues } from '../../plan/types';
import { harmless } from '../../tables/harmless';
import type { TableEdit } from '../../tables/table-file';
import { decodeCell, encodeCell, plainValue } from '../codec';
import { cellOf, columnsOfField, isFreeRow, type KitTable, type PlacedColumn } from '../kit-tables';
import type { RowNames } from '../refs';

export type Handle = number;

/** Whether what a cell says is already what it should say. */
function says(column: PlacedColumn, cell: string, value: string): boolean {
  const { codec, blank } = column.layout;
  if (cell.trim() === '') return blank === value || (blank === null && value === '');
  if (codec === null) return false;
  const read = decodeCell(codec, cell);
  // Degrees say the same where they differ by no more than the last digit that the list has.
  if (codec.as === 'degrees') return Math.abs(Number(read) - Number(value)) <= 10 ** (6 - codec.decimals[1]);
  return read === plainValue(codec, value);
}

export class WorkTable {
  private readonly cells = new Map<number, Map<number, string>>();
  private readonly removed = new Set<number>();
  private readonly added: string[][] = [];
  private readonly free: number[] = [];
  private readonly usualOf = new Map<string, readonly string[]>();

  /** `modeOf`: the mode of a row, so that new rows are like those of their mode. */
  constructor(
    readonly of: KitTable,
    private readonly modeOf: (row: number) => ChannelValues['mode'] | null = () => null,
  ) {
    of.table.rows.forEach((_, row) => {
      if (isFreeRow(of, row)) this.free.push(row);
    });
  }

  private get base(): number {
    return this.of.table.rows.length;
  }

  /** Rows of the file that hold something. */
  rows(): Handle[] {
    return this.of.table.rows.map((_, row) => row).filter((row) => !isFreeRow(this.of, row));
  }

  cell(handle: Handle, at: number): string {
    if (handle >= this.base) return this.added[handle - this.base]![at] ?? '';
    return this.cells.get(handle)?.get(at) ?? this.of.table.rows[handle]!.cells[at] ?? '';
  }

  set(handle: Handle, at: number, text: string): void {
    if (this.cell(handle, at) === text) return;
    if (handle >= this.base) this.added[handle - this.base]![at] = text;
    else {
      const row = this.cells.get(handle) ?? new Map<number, string>();
      this.cells.set(handle, row.set(at, text));
    }
  }

  /** Writes a value where the row does not say it yet; `false` where the file has no way to say it. */
  say(handle: Handle, field: string, value: string): boolean {
    let able = true;
    for (const column of columnsOfField(this.of, field)) {
      const { codec, blank } = column.layout;
      if (codec === null || says(column, this.cell(handle, column.at), value)) continue;
      const text = encodeCell(codec, value) ?? (blank === value ? '' : null);
      if (text === null) able = false;
      else this.set(handle, column.at, codec.as === 'text' && this.of.kind === 'delimited' ? harmless(text) : text);
    }
    return able;
  }

  has(field: string): boolean {
    return columnsOfField(this.of, field).length > 0;
  }

  /** What most rows have in each column: of those of a mode where there are any, else of all, else as it was taught. */
  private usual(mode: ChannelValues['mode'] | null): readonly string[] {
    const key = mode ?? '';
    const known = this.usualOf.get(key);
    if (known) return known;
    const all = this.rows();
    const mine = mode === null ? all : all.filter((row) => this.modeOf(row) === mode);
    const from = mine.length > 0 ? mine : all;
    const texts = Array.from({ length: this.of.table.width }, (_, at) => {
      const column = this.of.columns.find((one) => one.at === at);
      const counts = new Map<string, number>();
      for (const row of from) {
        const text = this.of.table.rows[row]!.cells[at] ?? '';
        counts.set(text, (counts.get(text) ?? 0) + 1);
      }
      const [text = '', count = 0] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? [];
      const isUsual = count * 2 >= from.length && from.length > 0;
      const isOwn = column?.layout.field !== null && column?.layout.field !== undefined;
      return from.length === 0
        ? (column?.layout.usual ?? '')
        : isUsual || isOwn
          ? text
          : (column?.layout.usual ?? text);
    });
    this.usualOf.set(key, texts);
    return texts;
  }

  /** A row for something new: the next free place, else behind the last row. */
  add(mode: ChannelValues['mode'] | null = null): Handle {
    const usual = [...this.usual(mode)];
    for (const { at, layout } of this.of.columns)
      if (layout.field === 'member') usual[at] = this.blankMember(layout.codec);
    const place = this.free.shift();
    if (place !== undefined) {
      const kept = new Set(columnsOfField(this.of, 'row').map(({ at }) => at));
      usual.forEach((text, at) => {
        if (!kept.has(at)) this.set(place, at, text);
      });
      return place;
    }
    this.added.push(usual);
    const handle = this.base + this.added.length - 1;
    for (const column of columnsOfField(this.of, 'row')) this.set(handle, column.at, this.nextNumber(column));
    return handle;
  }

  private blankMember(codec: CellCodec | null): string {
    if (codec?.as === 'members') return codec.separator === 'list' ? '[]' : '';
    return codec?.as === 'named' ? codec.none : '';
  }

  private nextNumber(column: PlacedColumn): string {
    const { codec } = column.layout;
    const numbers = [...this.of.table.rows.map((_, row) => row), ...this.added.map((_, at) => this.base + at)].map(
      (handle) => (codec ? Number(decodeCell(codec, this.cell(handle, column.at)) ?? 0) : 0),
    );
    // The new row itself holds what is usual, which is no number of its own.
    const most = Math.max(0, ...numbers.slice(0, -1));
    return codec ? (encodeCell(codec, String(most + 1)) ?? '') : '';
  }

  /** Empties a row: it becomes a free place where the file has places, else it goes. */
  remove(handle: Handle): void {
    if (!this.of.layout.fixedRows) {
      this.removed.add(handle);
      return;
    }
    const like = this.of.table.rows.findIndex((_, row) => isFreeRow(this.of, row));
    const kept = new Set(columnsOfField(this.of, 'row').map(({ at }) => at));
    for (let at = 0; at < this.of.table.width; at += 1)
      if (!kept.has(at)) this.set(handle, at, like < 0 ? '' : (this.of.table.rows[like]!.cells[at] ?? ''));
  }

  /** How many rows there will be, free places left out. */
  get filled(): number {
    return this.rows().filter((row) => !this.removed.has(row)).length + this.added.length;
  }

  /** What a row is called, once all rows are in place. */
  names(handle: Handle, id: string): RowNames {
    const text = (field: string) => {
      const [column] = columnsOfField(this.of, field);
      return column ? this.cell(handle, column.at).trim() : '';
    };
    const [number] = columnsOfField(this.of, 'number');
    const codec = number?.layout.codec;
    return {
      id,
      name: text('name'),
      number: number && codec ? (decodeCell(codec, this.cell(handle, number.at)) ?? '') : '',
      key: text('row'),
      place: this.placeOf(handle),
    };
  }

  private placeOf(handle: Handle): number {
    let gone = 0;
    for (const row of this.removed) if (row < handle) gone += 1;
    return handle + 1 - gone;
  }

  /** What a row of the file was called before anything changed. */
  namesBefore(handle: Handle, id: string): RowNames {
    const text = (field: string) => {
      const [column] = columnsOfField(this.of, field);
      return column ? cellOf(this.of, handle, column).trim() : '';
    };
    return { id, name: text('name'), number: text('number'), key: text('row'), place: handle + 1 };
  }

  isRemoved(handle: Handle): boolean {
    return this.removed.has(handle);
  }

  edit(): TableEdit {
    // A row that goes has no cells to change.
    const cells = new Map([...this.cells].filter(([row]) => !this.removed.has(row)));
    return { cells, removed: this.removed, added: this.added };
  }

  counts(): { added: number; changed: number; removed: number } {
    const changed = [...this.cells.keys()].filter((row) => !this.removed.has(row)).length;
    return { added: this.added.length, changed, removed: this.removed.size };
  }
}
