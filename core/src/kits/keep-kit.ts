/** A kit out of what was learnt, and its files again: as they were saved last, or begun from nothing. */
import { zipSync } from 'fflate';
import { type Kit, type KitFile, MOST_KEPT_FILES, MOST_PATTERN, type TableLayout } from '../plan/kit';
import type { Id } from '../plan/types';
import { fromBase64, toBase64 } from '../tables/base64';
import { type NamedBytes, type NamedFile, openTables, unpacked } from '../tables/open';
import type { TableEdit } from '../tables/table-file';
import type { Learnt } from './learn/learnt';

/** @throws ListTooLarge, UnreadableFile with the file's name in front */
export async function openFiles(files: readonly NamedBytes[]): Promise<NamedFile[]> {
  return Promise.all(unpacked(files).map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
}

/** What stands in the one row of a pattern: what is usual, and nothing of anybody's own. */
function patternCell(layout: TableLayout, at: number): string {
  const { field, codec, usual } = layout.columns[at]!;
  // A list of one blank: without any item its element would be gone, and with it the column.
  if (codec?.as === 'members') return codec.separator === 'list' ? '[""]' : '';
  if (codec?.as === 'named') return codec.none;
  if (usual !== '' || field === null) return usual;
  if (field === 'row') return '1';
  return field === 'name' ? 'Sample' : '';
}

/** A file with one row of usual values in each table. */
async function patternOf(file: NamedFile, layouts: readonly TableLayout[]): Promise<Uint8Array> {
  const edits = new Map<string, TableEdit>();
  for (const table of file.file.tables) {
    const layout = layouts.find(({ part }) => part === table.part);
    if (!layout || table.rows.length === 0) continue;
    const cells = new Map(Array.from({ length: table.width }, (_, at) => [at, patternCell(layout, at)] as const));
    const removed = new Set(table.rows.map((_, row) => row).slice(1));
    edits.set(table.part, { cells: new Map([[0, cells]]), removed, added: [] });
  }
  return file.file.write(edits);
}

export interface KeepAs {
  id: Id;
  name: string;
  radioId: Id | null;
}

/** The files as a zip in base64; empty where they are too large to be kept with a plan. */
export function zipped(files: readonly NamedBytes[]): string {
  const text = toBase64(zipSync(Object.fromEntries(files.map(({ name, bytes }) => [name, bytes])), { level: 6 }));
  return text.length > MOST_KEPT_FILES ? '' : text;
}

/** The kit of what was learnt: layouts, patterns, and the files where they are not too large. */
export async function keepKit(
  learnt: Learnt,
  opened: readonly NamedFile[],
  given: readonly NamedBytes[],
  { id, name, radioId }: KeepAs,
): Promise<Kit> {
  const tables = learnt.tables.map(({ layout }) => layout);
  const files = await Promise.all(
    opened.map(async (one): Promise<KitFile> => {
      const pattern = toBase64(
        await patternOf(
          one,
          tables.filter(({ file }) => file === one.name),
        ),
      );
      const { kind, dialect } = one.file;
      return { name: one.name, kind, dialect, pattern: pattern.length > MOST_PATTERN ? '' : pattern };
    }),
  );
  return { id, name, radioId, secretFiles: zipped(unpacked(given)), files, tables };
}

/** The files as they were saved last, else begun from nothing; `isNew` then: their one row is a pattern. */
export async function filesOf(kit: Kit): Promise<{ files: NamedFile[]; bytes: NamedBytes[]; isNew: boolean }> {
  const isNew = kit.secretFiles === '';
  const bytes = isNew
    ? kit.files.map(({ name, pattern }) => ({ name, bytes: fromBase64(pattern) }))
    : unpacked([{ name: 'kept.zip', bytes: fromBase64(kit.secretFiles) }]);
  return { files: await openFiles(bytes), bytes, isNew };
}
