/** One column of somebody else's table, looked at once for everything that is asked of it. */
import type { FileTable } from '../../tables/table-file';
import { plainTitle } from '../plain';

/** Of long tables so many cells are looked at, evenly over all rows. */
const LOOKED_AT = 4000;

export interface Column {
  at: number;
  title: string;
  plain: string;
  /** Cells that were looked at. */
  cells: readonly string[];
  /** Each text among them that is not blank, the most usual first. */
  texts: readonly { text: string; count: number }[];
  /** How many of them are not blank. */
  filled: number;
}

/** What the cells of a column are, over the rows that are wanted. */
export function columnsOf(
  { header, rows, width }: FileTable,
  isWanted: (row: number) => boolean = () => true,
): Column[] {
  const step = Math.max(1, Math.floor(rows.length / LOOKED_AT));
  const looked = rows.filter((_, at) => at % step === 0 && isWanted(at));
  return Array.from({ length: width }, (_, at): Column => {
    const cells = looked.map((row) => row.cells[at] ?? '');
    const counts = new Map<string, number>();
    for (const cell of cells) if (cell.trim() !== '') counts.set(cell, (counts.get(cell) ?? 0) + 1);
    const texts = [...counts].map(([text, count]) => ({ text, count })).sort((a, b) => b.count - a.count);
    const title = header?.[at] ?? '';
    return {
      at,
      title,
      plain: plainTitle(title),
      cells,
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
