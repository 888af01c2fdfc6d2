/**
 * Lists with a row for each mode of a repeater, or each of its groups: rows of one call sign, module and frequency are
 * one site.
 */
import { quoted, type ReadFinding } from '../formats/format';
import { readFrequencyCell } from './frequencies';
import type { Column, ColumnField, ListedSite, RawList } from './types';

/** A row as it was read. */
export interface ReadRow {
  line: number;
  site: ListedSite;
  doubts: ReadFinding[];
}

/** Values of which a site has one: a row that says another one is doubted. */
const SINGLE = ['rxHz', 'colorCode', 'tone', 'toneOut', 'widthHz', 'nac', 'groupId', 'lat', 'lon'] as const;

const NAMES: Readonly<Record<(typeof SINGLE)[number], string>> = {
  rxHz: 'input',
  colorCode: 'color code',
  tone: 'tone',
  toneOut: 'tone sent',
  widthHz: 'width',
  nac: 'NAC',
  groupId: 'group ID',
  lat: 'latitude',
  lon: 'longitude',
};

const unique = <T>(all: readonly T[], keyOf: (one: T) => string): T[] => [
  ...new Map(all.map((one) => [keyOf(one), one])).values(),
];

/**
 * Two rows of one site as one, on the line of the first. What only one of them says is kept; where they differ, the
 * first is.
 */
function mergeTwo(first: ReadRow, next: ReadRow): ReadRow {
  const [a, b] = [first.site, next.site];
  const site: ListedSite = {
    ...a,
    name: a.name || b.name,
    place: a.place || b.place,
    country: a.country || b.country,
    modes: [...new Set([...a.modes, ...b.modes])],
    groups: unique([...b.groups, ...a.groups], (one) => `${one.slot} ${one.number}`),
    networks: [...new Set([...a.networks, ...b.networks])],
    linked: a.linked || b.linked,
    status: a.status === 'not said' ? b.status : a.status,
    confirmedOn:
      [a.confirmedOn, b.confirmedOn]
        .filter((one) => one !== null)
        .sort()
        .at(-1) ?? null,
    notes: [...new Set([a.notes, b.notes].filter((one) => one !== ''))].join('; '),
  };
  const doubts = [...first.doubts, ...next.doubts];
  for (const key of SINGLE) {
    if (a[key] === null) Object.assign(site, { [key]: b[key] });
    else if (b[key] !== null && b[key] !== a[key] && key !== 'lat' && key !== 'lon')
      doubts.push({
        line: next.line,
        place: NAMES[key],
        found: quoted(String(b[key])),
        expected: `${String(a[key])}, as line ${first.line} has it for ${a.callSign}`,
      });
  }
  return { line: first.line, site, doubts };
}

/** Several rows of one site as one. @throws Error for none */
export function mergeRows(rows: readonly ReadRow[]): ReadRow {
  return rows.reduce(mergeTwo);
}

/** A frequency as MHz, whichever unit the cell is in; the text itself where it is none. */
function roughMHz(cell: string): string {
  let number = Number(cell.replace(',', '.'));
  if (!Number.isFinite(number) || cell === '') {
    const hz = readFrequencyCell(cell, 1e6)?.hz;
    return hz === undefined ? cell : String(hz / 1e6);
  }
  while (number > 10_000) number /= 1000;
  return String(number);
}

/** What tells rows of one site: call sign and module, in one cell or two, and the frequency. */
const roughKey = (cells: readonly string[], names: readonly number[], output: number): string =>
  `${names
    .map((at) => (cells[at] ?? '').toUpperCase().replace(/[\s-]+/g, ' '))
    .join(' ')
    .trim()}|${roughMHz(cells[output] ?? '')}`;

/**
 * Rows that are of one site: the place of the first among the rows of the list → the places of all of them, in order.
 * Found by text, before anything is read, so that a long list need not be read twice.
 */
export function rowsOfOneSite({ rows }: RawList, columns: readonly Column[]): Map<number, number[]> {
  const placeOf = (field: ColumnField) => columns.findIndex((one) => one.field === field);
  const output = placeOf('output');
  const names = [placeOf('callSign'), placeOf('module')].filter((at) => at >= 0);
  const first = new Map<string, number>();
  const groups = new Map<number, number[]>();
  if (output < 0 || names.length === 0) return groups;
  rows.forEach(({ cells }, at) => {
    const key = roughKey(cells, names, output);
    const there = first.get(key);
    if (there === undefined) first.set(key, at);
    else groups.set(there, [...(groups.get(there) ?? [there]), at]);
  });
  return groups;
}
