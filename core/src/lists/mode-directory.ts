/** What a mode provides so that a list of what its networks hold (groups, rooms, reflectors) can be read in whatever layout. */
import type { Id, NetworkModeId, NetworkOf, Plan, Table } from '../plan/types';
import type { Guesses } from './row-columns';

/** Tells that a cell holds what cannot be taken: the field, what was found, what was expected. */
export type Refuse = (place: string, found: string, expected: string) => null;

/** A row of a list. Rows are told apart by their number. */
export interface DirectoryRow {
  number: number;
}

/** A row as the plan holds it. */
export interface DirectoryEntry {
  id: Id;
  number: number;
}

export interface ModeDirectory<
  M extends NetworkModeId = NetworkModeId,
  Row extends DirectoryRow = DirectoryRow,
  Entry extends DirectoryEntry = DirectoryEntry,
> {
  /** Several of them: `rooms`. */
  what: string;
  /** Where what was read is looked for in a list, for people. */
  hint: string;
  /** How the columns of a list are recognised, in the order in which they are given away. */
  guesses: Guesses<string>;
  /** One line, read by the fields of `guesses`. @returns `null` after telling why not */
  read(cell: (field: string) => string, refuse: Refuse, network: NetworkOf<M>): Row | null;
  /** What tells rows apart where a number alone does not. */
  keyOf?(row: Row): string;
  /** The network that a row belongs to where a list holds those of several; `null`: to none of the plan. Without: the one it is read into. */
  homeOf?(plan: Plan, row: Row): Id | null;
  /** What such a network is known by, for rows that belong to none of the plan. */
  familyOf?(row: Row): string;
  table(network: NetworkOf<M>): Table<Entry>;
  /** Whether an entry says what a row says. */
  same(entry: Entry, row: Row): boolean;
  make(id: Id, row: Row): Entry;
  /** Puts what a row says into an entry of a draft; what only the plan knows stays. */
  change(entry: Entry, row: Row): void;
  /** What the id of a new entry is made of. */
  idOf(row: Row): string;
}
