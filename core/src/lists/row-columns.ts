/** Which column of a directory list (reflectors, rooms) holds what: by its heading, else by what is in it. */
import type { RawList } from './types';

export interface FieldGuess {
  heading: RegExp;
  /** Whether a cell could be one; in the order in which columns are looked for. Several: the stricter first. */
  content: readonly { fits: (cell: string) => boolean; share: number }[];
}

/** Fields in the order in which columns are given away: the surest first. */
export type Guesses<F extends string> = readonly (readonly [F, FieldGuess])[];

export type Columns<F extends string> = { [K in F]?: number };

/** The place of each field among the columns, by heading, else by content; each column is given away once. */
export function columnsBy<F extends string>({ header, rows }: RawList, guesses: Guesses<F>): Columns<F> {
  const found: Columns<F> = {};
  const taken = () => Object.values<number | undefined>(found);
  const width = Math.max(0, ...rows.map((row) => row.cells.length));
  const share = (at: number, fits: (cell: string) => boolean) =>
    rows.filter((row) => fits(row.cells[at] ?? '')).length / Math.max(1, rows.length);
  for (const [field, { heading }] of guesses) {
    const at = header?.findIndex((title, column) => heading.test(title) && !taken().includes(column)) ?? -1;
    if (at >= 0) found[field] = at;
  }
  for (const [field, { content }] of guesses) {
    for (const { fits, share: least } of content) {
      if (found[field] !== undefined) break;
      const at = Array.from({ length: width }, (_, column) => column).find(
        (column) => !taken().includes(column) && share(column, fits) > least,
      );
      if (at !== undefined) found[field] = at;
    }
  }
  return found;
}

/** A heading that the table was not known to have is a line without any digit: the first such line is taken for one. */
export function headed(raw: RawList, guesses: Guesses<string>): RawList {
  const [first, ...rest] = raw.rows;
  if (raw.header || !first || rest.length === 0) return raw;
  const words =
    first.cells.every((cell) => !/\d/.test(cell)) &&
    guesses.some(([, { heading }]) => first.cells.some((cell) => heading.test(cell)));
  return words ? { ...raw, header: first.cells, rows: rest } : raw;
}
