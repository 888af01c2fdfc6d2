/** Lists of groups, rooms and reflectors: one reader, one comparison, one way into the plan, whichever the mode. */
import type { ReadFinding } from '../formats/format';
import { quoted } from '../formats/format';
import { freeId, putRow, rows } from '../plan/table';
import type { Network } from '../plan/types';
import type { DirectoryEntry, DirectoryRow, ModeDirectory } from './mode-directory';
import { columnsBy, headed } from './row-columns';
import type { RawList } from './types';

export interface ReadDirectory<Row extends DirectoryRow = DirectoryRow> {
  rows: Row[];
  /** Lines that say nothing usable, and why. */
  rejected: ReadFinding[];
}

/**
 * Reads a list for a network. A line that cannot be read is told, and the rest goes on; what comes twice is taken once.
 */
export function readDirectory(list: RawList, directory: ModeDirectory, network: Network): ReadDirectory {
  const raw = headed(list, directory.guesses);
  const at = columnsBy(raw, directory.guesses);
  const read: ReadDirectory = { rows: [], rejected: [] };
  const seen = new Set<string>();
  // The first field is what a row is told apart by.
  const [identity] = directory.guesses[0]!;
  for (const { line, cells } of raw.rows) {
    const cell = (field: string) => (at[field] === undefined ? '' : (cells[at[field]] ?? '').trim());
    const refuse = (place: string, found: string, expected: string) => {
      read.rejected.push({
        line,
        place,
        found: quoted(found || (place === identity ? cells.join(' ').trim() : '')),
        expected,
      });
      return null;
    };
    const row = directory.read(cell, refuse, network);
    if (!row) continue;
    const key = directory.keyOf?.(row) ?? String(row.number);
    if (seen.has(key)) refuse(identity, cell(identity), `each ${identity} once`);
    else {
      seen.add(key);
      read.rows.push(row);
    }
  }
  return read;
}

export interface DirectoryDifference<
  Row extends DirectoryRow = DirectoryRow,
  Entry extends DirectoryEntry = DirectoryEntry,
> {
  fresh: Row[];
  changed: { entry: Entry; to: Row }[];
  same: number;
}

/**
 * A network's directory against a list that was read: what is new, what differs, what is the same. Matched by number.
 */
export function compareDirectory(
  directory: ModeDirectory,
  network: Network,
  list: readonly DirectoryRow[],
): DirectoryDifference {
  const byNumber = new Map(rows(directory.table(network)).map((entry) => [entry.number, entry]));
  const difference: DirectoryDifference = { fresh: [], changed: [], same: 0 };
  for (const to of list) {
    const entry = byNumber.get(to.number);
    if (!entry) difference.fresh.push(to);
    else if (directory.same(entry, to)) difference.same += 1;
    else difference.changed.push({ entry, to });
  }
  return difference;
}

/** Puts a list into a network of a draft. Entries that the list lacks stay. */
export function putDirectory(directory: ModeDirectory, network: Network, list: readonly DirectoryRow[]): void {
  const table = directory.table(network);
  const { fresh, changed } = compareDirectory(directory, network, list);
  for (const { entry, to } of changed) directory.change(table.byId[entry.id]!, to);
  for (const row of fresh)
    putRow(
      table,
      directory.make(
        freeId(directory.idOf(row), (id) => id in table.byId),
        row,
      ),
    );
}

/**
 * A row for what was typed and no list of the network has: a number that somebody knows. It is called by what was
 * typed.
 * @returns `null` where that is no number of such a network, or is in its list
 */
export function unlistedRow(directory: ModeDirectory, network: Network, typed: string): DirectoryRow | null {
  const text = typed.trim();
  if (!/\d/.test(text)) return null;
  const row = directory.read(
    (field) => (field === 'number' || field === 'name' ? text : ''),
    () => null,
    network,
  );
  const isListed = row && rows(directory.table(network)).some((entry) => entry.number === row.number);
  return isListed ? null : row;
}
