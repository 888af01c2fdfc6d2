/**
 * CSV by RFC 4180, with the one care spreadsheets need: a cell that begins with = + - @ (or tab, CR) would be run as a
 * formula, so it gets a leading apostrophe, which reading takes away again. Signed numbers stay as they are.
 */
import Papa from 'papaparse';
import type { ReadFinding } from './format';

const RISKY = /^'*[=+\-@\t\r]/;
const SIGNED_NUMBER = /^[+-]\d+(\.\d+)?$/;

/**
 * A cell that a spreadsheet would not run: with an apostrophe before `= + - @`, tab and return, but for signed
 * numbers.
 */
export function harmless(cell: string): string {
  return RISKY.test(cell) && !SIGNED_NUMBER.test(cell) ? `'${cell}` : cell;
}

/** A cell without the apostrophe that `harmless` put before it. */
export function original(cell: string): string {
  return cell.startsWith("'") && RISKY.test(cell.slice(1)) && !SIGNED_NUMBER.test(cell.slice(1)) ? cell.slice(1) : cell;
}

/** Rows as RFC 4180: commas, CR LF, quotes where they are needed and doubled; each cell made harmless. */
export function writeCsv(rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse(
    rows.map((row) => row.map(harmless)),
    { newline: '\r\n', quotes: false },
  )}\r\n`;
}

export interface CsvRow {
  /** 1-based line on which the row begins. */
  line: number;
  cells: string[];
}

/** Reads comma-separated text; also semicolons and tabs, by what the first line holds. Empty lines are passed over. */
export function readCsv(text: string): { rows: CsvRow[]; findings: ReadFinding[] } {
  const body = text.replace(/^\ufeff/, '');
  const head = body.split(/\r?\n/, 1)[0] ?? '';
  const delimiter = [',', ';', '\t'].reduce((best, one) =>
    head.split(one).length > head.split(best).length ? one : best,
  );
  const rows: CsvRow[] = [];
  const findings: ReadFinding[] = [];
  let line = 1;
  let cursor = 0;
  Papa.parse<string[]>(body, {
    delimiter,
    step: ({ data, errors, meta }) => {
      for (const error of errors)
        findings.push({ line, place: 'syntax', found: error.message, expected: 'CSV (RFC 4180)' });
      if (data.length > 1 || data[0] !== '') rows.push({ line, cells: data.map(original) });
      line += body.slice(cursor, meta.cursor).split(/\r\n|\n|\r/).length - 1;
      cursor = meta.cursor;
    },
  });
  return { rows, findings };
}
