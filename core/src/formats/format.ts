/** What a file format provides. Readers return what they could read with findings that say the row; they do not stop at the first. */

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

export interface Format<T, WriteOptions = undefined> {
  id: string;
  name: string;
  extension: string;
  mediaType: string;
  write: (value: T, options: WriteOptions) => string;
  read: (text: string) => ReadResult<T>;
}

export function describeReadFinding({ line, place, found, expected }: ReadFinding): string {
  return `${line === null ? '' : `Line ${line}, `}${place || 'the file'}: found ${found}, expected ${expected}.`;
}
