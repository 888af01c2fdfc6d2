/** What one table may hold. Far more than any real one; less than what would keep a server busy. */

export const LIST_LIMITS = {
  rows: 500_000,
  columns: 300,
  lineLetters: 100_000,
  lines: 1_000_000,
  cellLetters: 20_000,
} as const;

/** A list that holds more than is read: says where, what was found and what is allowed. */
export class ListTooLarge extends Error {
  constructor(
    readonly place: string,
    readonly found: string,
    readonly expected: string,
  ) {
    super(`${place}: found ${found}, expected ${expected}.`);
  }
}

const many = (count: number) => count.toLocaleString('en-GB');

/** @throws ListTooLarge */
export function checkRows(count: number): void {
  if (count > LIST_LIMITS.rows)
    throw new ListTooLarge('The list', `${many(count)} rows`, `at most ${many(LIST_LIMITS.rows)}`);
}

/** `place`: where they were counted. @throws ListTooLarge */
export function checkColumns(place: string, count: number): void {
  if (count > LIST_LIMITS.columns)
    throw new ListTooLarge(place, `${many(count)} columns`, `at most ${many(LIST_LIMITS.columns)}`);
}

/** `place`: where it stands. @throws ListTooLarge */
export function checkCell(place: string, letters: number): void {
  if (letters > LIST_LIMITS.cellLetters)
    throw new ListTooLarge(place, `a cell of ${many(letters)} characters`, `at most ${many(LIST_LIMITS.cellLetters)}`);
}

/** How often the commonest of some letters stands in a text. */
const commonest = (text: string, letters: readonly string[]): number =>
  Math.max(...letters.map((letter) => text.split(letter).length - 1));

/** Looks at the lines of a table before anything is cut: stops at the first that is too much. @throws ListTooLarge */
export function checkLines(text: string, delimiters: readonly string[]): void {
  let lines = 0;
  for (let from = 0; from < text.length;) {
    const found = text.indexOf('\n', from);
    const end = found < 0 ? text.length : found;
    lines += 1;
    if (lines > LIST_LIMITS.lines)
      throw new ListTooLarge(`Line ${many(lines)}`, 'more lines', `at most ${many(LIST_LIMITS.lines)}`);
    if (end - from > LIST_LIMITS.lineLetters) {
      const place = `Line ${many(lines)}`;
      checkColumns(place, commonest(text.slice(from, end), delimiters) + 1);
      throw new ListTooLarge(place, `${many(end - from)} characters`, `at most ${many(LIST_LIMITS.lineLetters)}`);
    }
    from = end + 1;
  }
}
