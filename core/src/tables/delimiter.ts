/** Which character cuts the lines of a table into cells. */
import Papa from 'papaparse';
import { newlineOf } from './line-ends';

export const DELIMITERS = [';', '\t', '|', ','] as const;

export const DELIMITER_NAMES: Readonly<Record<string, string>> = {
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'bars',
  ',': 'commas',
};

const SAMPLE_LINES = 60;
const SAMPLE_LETTERS = 100_000;

/**
 * The delimiter that cuts the lines into the same number of cells most often. Semicolons go before commas, which may be
 * decimal.
 */
export function findDelimiter(text: string): string {
  let best = { delimiter: ',', score: 0 };
  const head = text.slice(0, SAMPLE_LETTERS);
  const newline = newlineOf(head);
  for (const delimiter of DELIMITERS) {
    const { data } = Papa.parse<string[]>(head, { delimiter, newline, preview: SAMPLE_LINES, skipEmptyLines: true });
    const counts = new Map<number, number>();
    for (const row of data) counts.set(row.length, (counts.get(row.length) ?? 0) + 1);
    const [width, rows] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? [0, 0];
    const score = width < 2 || data.length === 0 ? 0 : rows / data.length;
    if (score > best.score + 0.001) best = { delimiter, score };
  }
  return best.delimiter;
}
