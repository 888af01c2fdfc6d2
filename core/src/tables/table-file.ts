/**
 * Somebody else's file as tables of text: opened without losing anything, and written again with only what changed.
 * Every kind of file (delimited text, XML, JSON, spreadsheet) is one `FileKind`.
 */
import type { Encoded } from './encoding';

export interface TableRow {
  /** Where it begins in the file, from 1; the row of a sheet; the number of the element. */
  line: number;
  /** As many as the row has; text as it stands, quotes and escapes taken off. */
  cells: string[];
}

/** One table of a file. */
export interface FileTable {
  /** The name of a sheet, the way to a list in XML or JSON; empty where the file is one table. */
  part: string;
  /** Titles of the columns; `null` where there are none. */
  header: string[] | null;
  rows: TableRow[];
  /** The most cells that a row has. */
  width: number;
}

/** What becomes of a table; rows and columns count from 0. */
export interface TableEdit {
  /** New texts, by row and column. */
  cells: ReadonlyMap<number, ReadonlyMap<number, string>>;
  removed: ReadonlySet<number>;
  /** New rows behind the last one, as many cells as the table has columns. */
  added: readonly (readonly string[])[];
}

/** What is wrong with a part of a file that could still be read. */
export interface FileFault {
  part: string;
  line: number;
  found: string;
  expected: string;
}

/** How a file is written, in a sentence: `UTF-8, semicolons`. */
export interface OpenFile {
  kind: FileKindId;
  dialect: string;
  /** `null` where the file is no text. */
  encoded: Encoded | null;
  tables: FileTable[];
  faults: FileFault[];
  /** The file with the changes to its tables, by part; the same bytes where there are none. */
  write(edits: ReadonlyMap<string, TableEdit>): Promise<Uint8Array>;
}

export const FILE_KINDS = ['delimited', 'xml', 'json', 'sheet'] as const;
export type FileKindId = (typeof FILE_KINDS)[number];

export interface FileKind {
  id: FileKindId;
  /** Whether the beginning of a file is of this kind; `delimited` takes what no other does. */
  takes(bytes: Uint8Array): boolean;
  /** @throws ListTooLarge, UnreadableFile */
  open(bytes: Uint8Array): Promise<OpenFile> | OpenFile;
}

/** A file that is none of the kinds, or is broken as a whole. */
export class UnreadableFile extends Error {
  constructor(
    readonly place: string,
    readonly found: string,
    readonly expected: string,
  ) {
    super(`${place}: found ${found}, expected ${expected}.`);
  }
}

export const hasEdits = (edits: ReadonlyMap<string, TableEdit>): boolean =>
  [...edits.values()].some(({ cells, removed, added }) => cells.size + removed.size + added.length > 0);
