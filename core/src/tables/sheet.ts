/** Spreadsheets (ECMA-376, Office Open XML): each sheet is a table. A changed one is written anew by the library. */
import type { Cell, CellValue, Workbook, Worksheet } from 'exceljs';
import { hasTitles } from './header';
import { checkCell, checkColumns, checkRows } from './limits';
import { type FileKind, type FileTable, hasEdits, type OpenFile, type TableEdit, UnreadableFile } from './table-file';
import { checkZip, isZip, namesIn } from './zip';

/** What people see of a number: no more digits than it has. */
const numberText = (value: number) => String(Number(value.toPrecision(15)));

function cellText(value: CellValue): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'number') return numberText(value);
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value !== 'object') return String(value);
  if ('richText' in value) return value.richText.map(({ text }) => text).join('');
  if ('formula' in value || 'sharedFormula' in value) return cellText(value.result as CellValue);
  return 'text' in value ? String(value.text) : '';
}

/** A text as a value of the kind that its column holds; never as a formula. */
function valueOf(text: string, isNumber: boolean): CellValue {
  if (text === '') return null;
  return isNumber && /^-?\d+(\.\d+)?$/.test(text) ? Number(text) : text;
}

interface OpenSheet {
  table: FileTable;
  /** The row of the sheet in which each row of the table stands. */
  places: number[];
  sheet: Worksheet;
}

function openSheet(sheet: Worksheet): OpenSheet | null {
  const lines: { line: number; cells: string[] }[] = [];
  checkRows(sheet.rowCount);
  checkColumns(`Sheet ${sheet.name}`, sheet.columnCount);
  sheet.eachRow({ includeEmpty: false }, (row, line) => {
    const cells = Array.from({ length: sheet.columnCount }, (_, at) => cellText(row.getCell(at + 1).value));
    for (const cell of cells) checkCell(`Sheet ${sheet.name}, row ${line}`, cell.length);
    lines.push({ line, cells });
  });
  const filled = ({ cells }: { cells: string[] }) => cells.filter((cell) => cell.trim() !== '').length;
  const width = Math.max(0, ...lines.map(filled));
  const above =
    width > 2
      ? Math.max(
          0,
          lines.findIndex((one) => filled(one) > 1),
        )
      : 0;
  const inside = lines.slice(above);
  if (inside.length === 0) return null;
  const isHeaded = hasTitles(inside.map(({ cells }) => cells));
  const rows = isHeaded ? inside.slice(1) : inside;
  return {
    table: { part: sheet.name, header: isHeaded ? inside[0]!.cells : null, rows, width: sheet.columnCount },
    places: rows.map(({ line }) => line),
    sheet,
  };
}

function change({ sheet, places }: OpenSheet, { cells, removed, added }: TableEdit): void {
  const isNumber = (column: number) => {
    const kinds = places.slice(0, 100).map((line) => typeof sheet.getRow(line).getCell(column + 1).value);
    return kinds.filter((kind) => kind === 'number').length * 2 > kinds.filter((kind) => kind !== 'object').length;
  };
  const known = new Map<number, boolean>();
  const put = (cell: Cell, column: number, text: string) => {
    if (!known.has(column)) known.set(column, isNumber(column));
    cell.value = valueOf(text, known.get(column)!);
  };
  for (const [row, edits] of cells)
    for (const [column, text] of edits) put(sheet.getRow(places[row]!).getCell(column + 1), column, text);
  let line = places.at(-1) ?? sheet.rowCount;
  const like = places.length > 0 ? sheet.getRow(line) : null;
  for (const texts of added) {
    line += 1;
    const row = sheet.getRow(line);
    texts.forEach((text, column) => {
      const cell = row.getCell(column + 1);
      if (like) cell.style = like.getCell(column + 1).style;
      put(cell, column, text);
    });
  }
  for (const row of [...removed].sort((a, b) => b - a)) sheet.spliceRows(places[row]!, 1);
}

async function open(bytes: Uint8Array): Promise<OpenFile> {
  checkZip(bytes);
  const library = await import('exceljs');
  const load = async (): Promise<Workbook> => {
    const book = new library.default.Workbook();
    try {
      await book.xlsx.load(bytes.slice().buffer);
    } catch (error) {
      throw new UnreadableFile('The file', error instanceof Error ? error.message : String(error), 'a workbook');
    }
    return book;
  };
  const sheetsOf = (book: Workbook) => book.worksheets.map(openSheet).filter((one) => one !== null);
  return {
    kind: 'sheet',
    dialect: 'spreadsheet',
    encoded: null,
    tables: sheetsOf(await load()).map(({ table }) => table),
    faults: [],
    async write(edits) {
      if (!hasEdits(edits)) return bytes;
      // From the bytes each time, so that one answer never holds another's changes.
      const book = await load();
      for (const one of sheetsOf(book)) {
        const edit = edits.get(one.table.part);
        if (edit) change(one, edit);
      }
      return new Uint8Array(await book.xlsx.writeBuffer());
    },
  };
}

export const sheet: FileKind = {
  id: 'sheet',
  takes: (bytes) => isZip(bytes) && namesIn(bytes).includes('xl/workbook.xml'),
  open,
};
