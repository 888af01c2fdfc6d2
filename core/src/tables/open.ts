/** Any file as tables, by the kind that takes it. A new kind is a file with `FileKind`, and a line here. */
import { delimited } from './delimited';
import { json } from './json';
import { ListTooLarge } from './limits';
import { sheet } from './sheet';
import { type FileKind, type OpenFile, UnreadableFile } from './table-file';
import { xml } from './xml';
import { isZip, unzip } from './zip';

/** In the order in which they are asked. */
export const KINDS: readonly FileKind[] = [sheet, xml, json, delimited];

export interface NamedBytes {
  name: string;
  bytes: Uint8Array;
}

export interface NamedFile {
  name: string;
  file: OpenFile;
}

const MOST_BYTES = 100_000_000;
const many = (count: number) => count.toLocaleString('en-GB');

/** Bytes that no text has. */
function isBinary(bytes: Uint8Array): boolean {
  const head = bytes.subarray(0, 2000);
  const odd = head.filter((byte) => byte < 9 || (byte > 13 && byte < 32)).length;
  const zeros = head.filter((byte) => byte === 0).length;
  // UTF-16 has zeros in every second place, and nothing else of the kind.
  return zeros > head.length * 0.4 && zeros < head.length * 0.6 ? odd > zeros + 5 : odd > head.length * 0.02;
}

/** @throws ListTooLarge, UnreadableFile */
export async function openTables(bytes: Uint8Array): Promise<OpenFile> {
  if (bytes.length > MOST_BYTES)
    throw new ListTooLarge('The file', `${many(bytes.length)} bytes`, `at most ${many(MOST_BYTES)}`);
  if (bytes.length === 0) throw new UnreadableFile('The file', 'nothing', 'a table');
  const kind = KINDS.find((one) => one.takes(bytes)) ?? delimited;
  if (kind === delimited && isBinary(bytes))
    throw new UnreadableFile(
      'The file',
      'bytes that are no text',
      'a table as text (CSV, TSV, XML, JSON), a spreadsheet (.xlsx), or a zip of them',
    );
  return kind.open(bytes);
}

/** Files as they were dropped, archives taken apart. @throws ListTooLarge, UnreadableFile */
export function unpacked(files: readonly NamedBytes[]): NamedBytes[] {
  return files.flatMap((file) => (isZip(file.bytes) && !sheet.takes(file.bytes) ? unzip(file.bytes) : [file]));
}
