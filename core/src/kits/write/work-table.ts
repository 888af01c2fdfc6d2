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
import { TONE_FIELDS, writeTones } from '../tones/split-tones';
import { memberTexts, namesIn, type RowNames } from '../refs';

export type Handle = number;

/** What is usual is told from so many rows, evenly over all. */
const LOOKED_AT = 4000;

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

/** What a cell of a column says; `undefined`: nothing that can be read. */
function readText({ layout: { codec, blank } }: PlacedColumn, cell: string): string | undefined {
  if (codec === null) return undefined;
  return cell.trim() === '' ? (blank ?? undefined) : decodeCell(codec, cell);
}

export class WorkTable {
  private readonly cells = new Map<number, Map<number, string>>();
  private readonly added: string[][] = [];
  /** Rows of the file that hold something. */
  private readonly held: Handle[] = [];
  /**
   * Rows of those that were taken away: what named them names nothing any more, also where the place is filled again.
   */
  private readonly gone = new Set<Handle>();
  /** Places of the file that something new stands in. */
  private readonly refilled = new Set<Handle>();
  /** Free places, the last one first. */
  private free: Handle[] = [];
  private isSorted = true;
  private readonly firstFree: Handle | undefined;
  private readonly numberColumns: readonly PlacedColumn[];
  private lastNumber: number | null = null;
  private readonly usualOf = new Map<string, readonly string[]>();
  /** Removed rows in order; `null` until it is asked for. */
  private removedInOrder: Handle[] | null = null;

  /** `modeOf`: the mode of a row, so that new rows are like those of their mode. */
  constructor(
    readonly of: KitTable,
    private readonly modeOf: (row: number) => ChannelValues['mode'] | null = () => null,
  ) {
    this.numberColumns = columnsOfField(of, 'row');
    of.table.rows.forEach((_, row) => (isFreeRow(of, row) ? this.free : this.held).push(row));
    this.firstFree = this.free[0];
    this.free.reverse();
  }

  private get base(): number {
    return this.of.table.rows.length;
  }

  /** Rows of the file that hold something. */
  rows(): readonly Handle[] {
    return this.held;
  }

  /** How many rows there will be, free places left out. */
  get filled(): number {
    return this.held.length - this.gone.size + this.refilled.size + this.added.length;
  }

  get hasRoom(): boolean {
    const { mostRows } = this.of.layout;
    return mostRows === null || this.filled < mostRows;
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

  private textFor({ layout: { codec, blank } }: PlacedColumn, value: string): string | null {
    if (codec === null) return null;
    return encodeCell(codec, value) ?? (blank === value ? '' : null);
  }

  /** Whether the file has a way to say a value; so it has where it has no column for it. */
  canSay(field: string, value: string): boolean {
    return columnsOfField(this.of, field).every(
      (column) => column.layout.codec === null || this.textFor(column, value) !== null,
    );
  }

  /** Writes a value where the row does not say it yet; `false` where the file has no way to say it. */
  say(handle: Handle, field: string, value: string): boolean {
    let able = true;
    for (const column of columnsOfField(this.of, field)) {
      const { codec } = column.layout;
      if (codec === null || says(column, this.cell(handle, column.at), value)) continue;
      const text = this.textFor(column, value);
      if (text === null) able = false;
      else this.set(handle, column.at, codec.as === 'text' && this.of.kind === 'delimited' ? harmless(text) : text);
    }
    return able;
  }

  /** Writes two tones (or `none`) where a table says them in parts; `false`: it has no way to. */
  sayTones(handle: Handle, sent: string, heard: string): boolean {
    const now = Object.fromEntries(TONE_FIELDS.map((field) => [field, this.saysIn(handle, field)]));
    const changes = writeTones(
      {
        has: (field) => this.has(field),
        words: (field) => this.wordsOf(field),
        canSay: (field, value) => this.canSay(field, value),
      },
      now,
      sent,
      heard,
    );
    for (const [field, value] of Object.entries(changes ?? {})) this.say(handle, field, value);
    return changes !== null;
  }

  /** What a row says in a field; `undefined`: nothing that can be read. */
  private saysIn(handle: Handle, field: string): string | undefined {
    const [column] = columnsOfField(this.of, field);
    return column && readText(column, this.cell(handle, column.at));
  }

  private wordsOf(field: string): string[] {
    const codec = columnsOfField(this.of, field)[0]?.layout.codec;
    return codec?.as === 'words' ? [...new Set(codec.words.map(([, meaning]) => meaning))] : [];
  }

  has(field: string): boolean {
    return columnsOfField(this.of, field).length > 0;
  }

  /** What most rows have in each column: of those of a mode where there are any, else of all, else as it was taught. */
  private usual(mode: ChannelValues['mode'] | null): readonly string[] {
    const key = mode ?? '';
    const known = this.usualOf.get(key);
    if (known) return known;
    const mine = mode === null ? this.held : this.held.filter((row) => this.modeOf(row) === mode);
    const all = mine.length > 0 ? mine : this.held;
    const step = Math.ceil(all.length / LOOKED_AT);
    const from = step > 1 ? all.filter((_, at) => at % step === 0) : all;
    const layoutAt = new Map(this.of.columns.map(({ at, layout }) => [at, layout]));
    const cellsOf = from.map((row) => this.of.table.rows[row]!.cells);
    const texts = Array.from({ length: this.of.table.width }, (_, at) => {
      const layout = layoutAt.get(at);
      if (layout?.field === 'member') return this.blankMember(layout.codec);
      const counts = new Map<string, number>();
      for (const cells of cellsOf) {
        const text = cells[at] ?? '';
        counts.set(text, (counts.get(text) ?? 0) + 1);
      }
      const [text = '', count = 0] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? [];
      if (from.length === 0) return layout?.usual ?? '';
      const isOwn = layout !== undefined && layout.field !== null;
      return isOwn || count * 2 >= from.length ? text : (layout?.usual ?? text);
    });
    this.usualOf.set(key, texts);
    return texts;
  }

  /** What a new row says in a field before anything is written into it; `undefined`: nothing that can be read. */
  usuallySays(field: string): string | undefined {
    const [column] = columnsOfField(this.of, field);
    return column && readText(column, this.usual(null)[column.at] ?? '');
  }

  /** A row for something new: the next free place, else behind the last row. */
  add(mode: ChannelValues['mode'] | null = null): Handle {
    const usual = this.usual(mode);
    const place = this.takeFree();
    if (place !== undefined) {
      this.refilled.add(place);
      this.write(place, (at) => usual[at]!);
      return place;
    }
    const row = [...usual];
    const number = String(this.nextNumber());
    for (const { at, layout } of this.numberColumns) row[at] = (layout.codec && encodeCell(layout.codec, number)) ?? '';
    this.added.push(row);
    return this.base + this.added.length - 1;
  }

  private takeFree(): Handle | undefined {
    if (!this.isSorted) this.free.sort((a, b) => b - a);
    this.isSorted = true;
    return this.free.pop();
  }

  /** Every cell of a place but its number. */
  private write(place: Handle, text: (at: number) => string): void {
    const numbers = new Set(this.numberColumns.map(({ at }) => at));
    for (let at = 0; at < this.of.table.width; at += 1) if (!numbers.has(at)) this.set(place, at, text(at));
  }

  private blankMember(codec: CellCodec | null): string {
    if (codec?.as === 'members') return codec.separator === 'list' ? '[]' : '';
    return codec?.as === 'named' ? codec.none : '';
  }

  /** One more than the greatest number that a row has had. */
  private nextNumber(): number {
    this.lastNumber ??= this.of.table.rows.reduce(
      (most, { cells }) =>
        this.numberColumns.reduce((greatest, { at, layout: { codec } }) => {
          const number = codec ? Number(decodeCell(codec, cells[at] ?? '') ?? 0) : 0;
          return Math.max(greatest, number || 0);
        }, most),
      0,
    );
    this.lastNumber += 1;
    return this.lastNumber;
  }

  /** Empties a row of the file: it becomes a free place where the file has places, else it goes. */
  remove(handle: Handle): void {
    this.gone.add(handle);
    this.removedInOrder = null;
    if (!this.of.layout.fixedRows) return;
    const like = this.firstFree === undefined ? [] : this.of.table.rows[this.firstFree]!.cells;
    this.write(handle, (at) => like[at] ?? '');
    this.free.push(handle);
    this.isSorted = false;
  }

  /** Whether something new stands in a row. */
  isNew(handle: Handle): boolean {
    return handle >= this.base || this.refilled.has(handle);
  }

  isRemoved(handle: Handle): boolean {
    return this.gone.has(handle);
  }

  private get removed(): ReadonlySet<Handle> {
    return this.of.layout.fixedRows ? new Set() : this.gone;
  }

  /** What a row is called, once all rows are in place. */
  names(handle: Handle): RowNames {
    return namesIn(this.of, ({ at }) => this.cell(handle, at), '', this.placeOf(handle));
  }

  private placeOf(handle: Handle): number {
    this.removedInOrder ??= [...this.removed].sort((a, b) => a - b);
    let [low, high] = [0, this.removedInOrder.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.removedInOrder[middle]! < handle) low = middle + 1;
      else high = middle;
    }
    return handle + 1 - low;
  }

  /** The name of a row of the file before anything changed. */
  nameBefore(handle: Handle): string {
    const [column] = columnsOfField(this.of, 'name');
    return column ? cellOf(this.of, handle, column).trim() : '';
  }

  /** What a row of the file was called before anything changed. */
  namesBefore(handle: Handle): RowNames {
    return namesIn(this.of, (column) => cellOf(this.of, handle, column), '', handle + 1);
  }

  /** The texts by which a row names its members now. */
  members(handle: Handle): ReturnType<typeof memberTexts> {
    return memberTexts(this.of, ({ at }) => this.cell(handle, at));
  }

  edit(): TableEdit {
    const { removed } = this;
    // A row that goes has no cells to change.
    const cells = new Map([...this.cells].filter(([row]) => !removed.has(row)));
    return { cells, removed, added: this.added };
  }

  /** Rows that hold something new, hold it otherwise, or hold nothing any more. */
  counts(): { added: number; changed: number; removed: number } {
    const isNew = (row: Handle) => this.refilled.has(row) && !this.gone.has(row);
    const isEmptied = (row: Handle) => this.gone.has(row) && !this.refilled.has(row);
    return {
      added: this.added.length + [...this.refilled].filter(isNew).length,
      changed: [...this.cells.keys()].filter((row) => !isNew(row) && !isEmptied(row)).length,
      removed: [...this.gone].filter(isEmptied).length,
    };
  }
}
