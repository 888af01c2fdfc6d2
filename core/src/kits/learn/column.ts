/** One column of somebody else's table, looked at once for everything that is asked of it. */
import type { FileTable } from '../../tables/table-file';
import { plainTitle } from '../plain';

/** Of long tables so many cells are looked at, evenly over all rows. */
const LOOKED_AT = 4000;
/** Columns with more texts than this are no closed set of words: fewer of their cells tell as much. */
const MOST_TEXTS = 800;

export interface Column {
  at: number;
  title: string;
  plain: string;
  /** Cells that were looked at. */
  cells: readonly string[];
  /** How many of them are blank. */
  blanks: number;
  /** Each text that is not blank, the most usual first: of all of them, or of some where there are very many. */
  texts: readonly { text: string; count: number }[];
  /** How many cells those texts stand in. */
  filled: number;
}

function countsOf(cells: readonly string[], step: number): Map<string, number> {
  const counts = new Map<string, number>();
  for (let at = 0; at < cells.length; at += step) {
    const cell = cells[at]!;
    if (cell.trim() !== '') counts.set(cell, (counts.get(cell) ?? 0) + 1);
  }
  return counts;
}

/** What the cells of a column are, over the rows that are wanted. */
export function columnsOf(
  { header, rows, width }: FileTable,
  isWanted: (row: number) => boolean = () => true,
): Column[] {
  const step = Math.max(1, Math.floor(rows.length / LOOKED_AT));
  const looked = rows.flatMap((row, at) => (at % step === 0 && isWanted(at) ? [row.cells] : []));
  return Array.from({ length: width }, (_, at): Column => {
    const cells = looked.map((cellsOf) => cellsOf[at] ?? '');
    const all = countsOf(cells, 1);
    const counts = all.size > MOST_TEXTS ? countsOf(cells, Math.ceil(all.size / MOST_TEXTS)) : all;
    const texts = [...counts].map(([text, count]) => ({ text, count })).sort((a, b) => b.count - a.count);
    const title = header?.[at] ?? '';
    return {
      at,
      title,
      plain: plainTitle(title),
      cells,
      blanks: cells.reduce((sum, cell) => sum + Number(cell.trim() === ''), 0),
      texts,
      filled: texts.reduce((sum, one) => sum + one.count, 0),
    };
  });
}

/** How many of the cells that are not blank pass a test, 0 to 1; 0 where all are blank. */
export function shareOf({ texts, filled }: Column, test: (text: string) => boolean): number {
  if (filled === 0) return 0;
  return texts.reduce((sum, { text, count }) => (test(text) ? sum + count : sum), 0) / filled;
}

/** Of the cells that are not blank, the text that most of them have. */
export const mostUsual = ({ texts }: Column): string => texts[0]?.text ?? '';
