/**
 * A codeplug into the files of a kit: only what differs is changed, new rows are like the others of their kind, and
 * every file is read back before it is handed out.
 *
 *   base files ─ read → match by meaning → rows set, added, removed → references → bytes → read back → compared
 */
import type { Kit, KitRole } from '../../plan/kit';
import { MODE_IDS } from '../../plan/modes';
import type { Codeplug } from '../../plan/types';
import type { NamedBytes, NamedFile } from '../../tables/open';
import type { KitModes } from '../kit-field';
import { type KitFinding, kitTables } from '../kit-tables';
import { writeChannels } from './channels';
import { followLinks, leaveShortLists, writeLinks } from './links';
import { writeRecordLists } from './lists';
import { readBack } from './read-back';
import { writeRecords } from './records';
import { type LeftOut, type Loss, type WriteOptions, Writing } from './writing';
import { type ListPart, writeScanLists, writeZones } from './zones';

export interface WrittenKit {
  files: NamedBytes[];
  tables: { file: string; part: string; role: KitRole; added: number; changed: number; removed: number }[];
  /** Names that had to be cut or changed. */
  renamed: { from: string; to: string }[];
  leftOut: LeftOut[];
  losses: Loss[];
  /** Channels that only the files have, and that stayed. */
  kept: number;
  /** What reading the new files back does not give: then nothing is handed out. */
  wrong: KitFinding[];
  /** What could not be read in the files as they were; those rows stay as they are. */
  findings: KitFinding[];
}

/** New files that nobody has read back yet. */
interface Filled {
  writing: Writing;
  zones: readonly ListPart[];
  scanLists: readonly ListPart[];
  made: NamedBytes[];
}

/** The new files, before they are read back: not to be handed out. */
export async function fillFiles(
  codeplug: Codeplug,
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedFile[],
  modes: KitModes,
  options: WriteOptions,
): Promise<Filled> {
  const { tables, findings } = kitTables(kit, files);
  const writing = new Writing(codeplug, modes, options, files, tables, findings);
  const roles = MODE_IDS.flatMap((mode) => modes[mode].kit.roles);
  for (const role of roles) writeRecords(writing, role);
  writeChannels(writing);
  writeLinks(writing);
  followLinks(writing);
  for (const role of roles) if (role.lists) writeRecordLists(writing, role);
  leaveShortLists(writing);
  const zones = writeZones(writing);
  const scanLists = writeScanLists(writing);
  return { writing, zones, scanLists, made: await bytesOf(writing, files) };
}

/** @throws ListTooLarge, UnreadableFile where a file that was made cannot be read again */
export async function writeKit(
  codeplug: Codeplug,
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedFile[],
  modes: KitModes,
  options: WriteOptions,
): Promise<WrittenKit> {
  const { writing, zones, scanLists, made } = await fillFiles(codeplug, kit, files, modes, options);
  const wrong = await readBack(writing, kit, made, { zones, 'scan lists': scanLists });
  const { content, kept, leftOut, losses, renamed } = writing;
  return {
    files: wrong.length > 0 ? [] : made,
    tables: writing.tables.map((table) => ({
      file: table.of.file,
      part: table.of.table.part,
      role: table.of.layout.role,
      ...table.counts(),
    })),
    renamed,
    leftOut,
    losses,
    kept,
    wrong,
    findings: content.findings,
  };
}

function bytesOf({ tables }: Writing, files: readonly NamedFile[]): Promise<NamedBytes[]> {
  return Promise.all(
    files.map(async ({ name, file }) => {
      const mine = tables.filter(({ of }) => of.file === name);
      return { name, bytes: await file.write(new Map(mine.map((table) => [table.of.table.part, table.edit()]))) };
    }),
  );
}
