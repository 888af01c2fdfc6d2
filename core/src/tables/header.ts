/** Whether the first row of a table holds the titles of its columns. */

const SAMPLE = 200;
const hasDigit = (cell: string) => /\d/.test(cell);

/** A value: something with a number in front, or behind a sign. `Channel 1` and `Tone 2` are titles. */
const isValue = (cell: string) => /^[+-]?[\d.,]*\d/.test(cell.trim()) || /^#?\d/.test(cell.trim());

/**
 * Titles are words, each different, that do not stand again below them; the columns below hold numbers, or other words.
 * A table of one row is taken to have titles where it holds no value at all.
 */
export function hasTitles(rows: readonly (readonly string[])[]): boolean {
  const [first, ...all] = rows;
  if (!first || first.every((cell) => cell.trim() === '')) return false;
  const named = first.filter((cell) => cell.trim() !== '');
  if (named.some(isValue)) return false;
  if (all.length === 0) return named.every((cell) => !hasDigit(cell));
  // Most columns have a title: a row of data has holes.
  const rest = all.slice(0, SAMPLE);
  // A word or two may be title and value: `Wide` in a column of widths.
  const again = first.filter((cell, at) => cell.trim() !== '' && rest.some((row) => row[at] === cell)).length;
  if (again * 2 > named.length) return false;
  const isOfNumbers = (at: number) => {
    const cells = rest.map((row) => row[at] ?? '').filter((cell) => cell.trim() !== '');
    return cells.length > 0 && cells.filter(hasDigit).length > cells.length * 0.6;
  };
  const isOverNumbers = first.some((cell, at) => cell.trim() !== '' && !hasDigit(cell) && isOfNumbers(at));
  return isOverNumbers || (again === 0 && named.length === first.length);
}
