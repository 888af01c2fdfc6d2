/** The tables of opened files beside their layouts: which file is which, which column is where. */
import type { ColumnLayout, Kit, KitRole, TableLayout } from '../plan/kit';
import type { FileKindId, FileTable } from '../tables/table-file';
import type { NamedFile } from '../tables/open';

/** What is wrong with a kit's files, with the place. */
export interface KitFinding {
  file: string;
  part: string;
  /** `null`: the table as a whole. */
  line: number | null;
  column: string;
  found: string;
  expected: string;
}

export interface PlacedColumn {
  layout: ColumnLayout;
  /** Where it is in the file. */
  at: number;
}

export interface KitTable {
  layout: TableLayout;
  file: string;
  kind: FileKindId;
  table: FileTable;
  columns: PlacedColumn[];
}

const plainName = (name: string) => name.replace(/^.*[/\\]/, '').toLowerCase();

/** How much of the titles of a layout a table has, 0 to 1; without titles, whether it is as wide. */
function likeness(layout: TableLayout, table: FileTable): number {
  const { header } = table;
  if (!layout.headed) return header === null && table.width === layout.columns.length ? 1 : 0;
  if (!header) return 0;
  const titles = layout.columns.map(({ title }) => title);
  return titles.filter((title) => header.includes(title)).length / Math.max(1, titles.length);
}

const LEAST_LIKENESS = 0.6;

interface Place {
  file: string;
  kind: FileKindId;
  table: FileTable;
}

/** The best table for a layout: of the same file and part, else of the same titles. */
function placeOf(layout: TableLayout, places: readonly Place[], taken: ReadonlySet<FileTable>): Place | null {
  const scored = places
    .filter(({ table }) => !taken.has(table))
    .map((place) => {
      const like = likeness(layout, place.table);
      const isNamed = plainName(place.file) === plainName(layout.file) && place.table.part === layout.part;
      return { place, score: like + (isNamed ? 0.5 : 0), like };
    })
    .filter(({ like, score }) => like >= LEAST_LIKENESS || score >= 1);
  return scored.sort((a, b) => b.score - a.score)[0]?.place ?? null;
}

function columnsAt(layout: TableLayout, table: FileTable): { columns: PlacedColumn[]; missing: string[] } {
  if (!layout.headed || !table.header)
    return {
      columns: layout.columns.map((one, at) => ({ layout: one, at })).filter(({ at }) => at < table.width),
      missing: [],
    };
  const taken = new Set<number>();
  const missing: string[] = [];
  const columns = layout.columns.flatMap((one): PlacedColumn[] => {
    const at = table.header!.findIndex((title, place) => title === one.title && !taken.has(place));
    if (at < 0) {
      if (one.field !== null) missing.push(one.title);
      return [];
    }
    taken.add(at);
    return [{ layout: one, at }];
  });
  return { columns, missing };
}

/** The tables of a kit in files, in the order of the kit; what is not there is told. */
export function kitTables(
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedFile[],
): { tables: KitTable[]; findings: KitFinding[] } {
  const places = files.flatMap(({ name, file }) =>
    file.tables.map((table): Place => ({ file: name, kind: file.kind, table })),
  );
  const taken = new Set<FileTable>();
  const findings: KitFinding[] = files.flatMap(({ name, file }) =>
    file.faults.map(({ part, line, found, expected }) => ({ file: name, part, line, column: '', found, expected })),
  );
  const tables = kit.tables.flatMap((layout): KitTable[] => {
    const place = placeOf(layout, places, taken);
    if (!place) {
      if (layout.role !== 'other')
        findings.push({
          file: layout.file,
          part: layout.part,
          line: null,
          column: '',
          found: 'no such table',
          expected: `the ${layout.role} of the kit`,
        });
      return [];
    }
    taken.add(place.table);
    const { columns, missing } = columnsAt(layout, place.table);
    for (const title of missing)
      findings.push({
        file: place.file,
        part: place.table.part,
        line: null,
        column: title,
        found: 'no such column',
        expected: 'the column as in the sample',
      });
    return [{ layout, file: place.file, kind: place.kind, table: place.table, columns }];
  });
  return { tables, findings };
}

export const ofRole = (tables: readonly KitTable[], role: KitRole): KitTable[] =>
  tables.filter(({ layout }) => layout.role === role);

const NONE: readonly PlacedColumn[] = [];
const byField = new WeakMap<KitTable, Map<string, PlacedColumn[]>>();

/** The column of a field; several for members. Looked up once a table: it is asked for each cell. */
export function columnsOfField(table: KitTable, field: string): readonly PlacedColumn[] {
  let known = byField.get(table);
  if (!known) {
    known = new Map();
    for (const column of table.columns) {
      const { field: of } = column.layout;
      if (of !== null) known.set(of, [...(known.get(of) ?? []), column]);
    }
    byField.set(table, known);
  }
  return known.get(field) ?? NONE;
}

export const cellOf = (table: KitTable, row: number, { at }: PlacedColumn): string =>
  table.table.rows[row]!.cells[at] ?? '';

const freeRows = new WeakMap<KitTable, Uint8Array>();

function freeRowsOf(table: KitTable): Uint8Array {
  const keys = ['name', 'rx', 'number', 'member'].flatMap((field) => columnsOfField(table, field));
  const isFree = (row: number) =>
    keys.length > 0 && keys.every((column) => /^[0.,\s]*$/.test(cellOf(table, row, column)));
  return Uint8Array.from(table.table.rows, (_, row) => Number(isFree(row)));
}

/**
 * Whether a row is a free place: no name, no frequency, no number. Found once a table: it is asked for in every pass.
 */
export function isFreeRow(table: KitTable, row: number): boolean {
  let known = freeRows.get(table);
  if (!known) {
    known = freeRowsOf(table);
    freeRows.set(table, known);
  }
  return known[row] === 1;
}
