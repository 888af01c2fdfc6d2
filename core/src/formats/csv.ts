/** CSV by RFC 4180; cells that a spreadsheet would run as formulas are made harmless, and read as they were. */
import Papa from 'papaparse';
import { harmless, original } from '../tables/harmless';
import type { ReadFinding } from './format';

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
