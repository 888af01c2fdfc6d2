/**
 * Ranges to and from a spreadsheet's clipboard: tab-separated, quoted where a cell holds a tab, quote or line end. As
 * in tables, a cell that a spreadsheet would run gets a leading apostrophe, which pasting takes away again.
 */
import Papa from 'papaparse';
import { harmless, original } from '@relay/core/tables/harmless';

export function parseTsv(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' });
  return data.map((row) => row.map(original));
}

export function writeTsv(cells: readonly (readonly string[])[]): string {
  return Papa.unparse(
    cells.map((row) => row.map(harmless)),
    { delimiter: '\t', newline: '\n' },
  );
}
