/**
 * Ranges to and from a spreadsheet's clipboard: tab-separated, quoted where a cell holds a tab, quote or line end. As
 * in tables, a cell that a spreadsheet would run gets a leading apostrophe, which pasting takes away again.
 */
import Papa from 'papaparse';
import { harmless, original } from '@relay/core/formats/csv';

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

/** The cells a paste fills: the block from the upper left; a single value fills the whole range. */
export function pasteInto<Row, Column>(
  block: readonly (readonly string[])[],
  rows: readonly Row[],
  columns: readonly Column[],
  range: { x: number; y: number; x1: number; y1: number },
): { row: Row; column: Column; text: string }[] {
  const single = block.length === 1 && block[0]!.length === 1;
  const height = single ? range.y1 - range.y + 1 : block.length;
  const cells: { row: Row; column: Column; text: string }[] = [];
  for (let dy = 0; dy < height; dy += 1) {
    const line = single ? Array.from({ length: range.x1 - range.x + 1 }, () => block[0]![0]!) : block[dy]!;
    line.forEach((text, dx) => {
      const row = rows[range.y + dy];
      const column = columns[range.x + dx];
      if (row !== undefined && column !== undefined) cells.push({ row, column, text });
    });
  }
  return cells;
}
