/**
 * What a file format provides. Readers return what they could read with findings that say the row; they do not stop at
 * the first.
 */

export interface ReadFinding {
  /** 1-based line of the file; `null` where lines mean nothing. */
  line: number | null;
  /** Column heading or JSON pointer. */
  place: string;
  found: string;
  expected: string;
}

export interface ReadResult<T> {
  /** `null` when anything was wrong: nothing half read. */
  value: T | null;
  findings: ReadFinding[];
}

/** `O`: what writing must be told beside the value. */
export interface Format<T, O = undefined> {
  id: string;
  name: string;
  /** Without the dot; the first is the one that is written. */
  extensions: readonly [string, ...string[]];
  mediaType: string;
  /** 0 to 1: how sure the beginning of a file says that it is of this format. */
  sniff(bytes: Uint8Array): number;
  read(bytes: Uint8Array): ReadResult<T>;
  write(value: T, options: O): Uint8Array;
}

const SNIFFED_BYTES = 4096;

/** UTF-8, with or without a byte order mark. */
export function textOf(bytes: Uint8Array): string {
  return new TextDecoder().decode(bytes);
}

/** UTF-8, without a byte order mark. */
export function bytesOf(text: string): Uint8Array {
  return new TextEncoder().encode(text);
}

/** The beginning of a file as text, for telling what it is. */
export function headOf(bytes: Uint8Array): string {
  return textOf(bytes.subarray(0, SNIFFED_BYTES));
}

/** How sure the first line of a table says what it is, by the share of its columns that are there. */
export function sniffColumns(bytes: Uint8Array, columns: readonly string[]): number {
  const head = (headOf(bytes).split(/\r?\n/, 1)[0] ?? '').toLowerCase();
  const cells = head.split(/[,;\t]/).map((cell) => cell.replaceAll('"', '').trim());
  return columns.filter((column) => cells.includes(column.toLowerCase())).length / columns.length;
}

/** How sure the beginning of a JSON file says that it is of a format of our own. */
export function sniffJson(bytes: Uint8Array, format: string): number {
  return new RegExp(`"format"\\s*:\\s*"${format}"`).test(headOf(bytes)) ? 1 : 0;
}

/** A finding in one line: `Line 3, Slot: found “9”, expected 1 or 2.` */
export function describeReadFinding({ line, place, found, expected }: ReadFinding): string {
  return `${line === null ? '' : `Line ${line}, `}${place || 'the file'}: found ${found}, expected ${expected}.`;
}

/** Enough to know what was meant. */
const MOST_QUOTED = 200;

/** What was found in a cell, for a finding. */
export function quoted(text: string): string {
  return text === '' ? 'nothing' : `“${text.length > MOST_QUOTED ? `${text.slice(0, MOST_QUOTED)}…` : text}”`;
}
