/** Files of radios' own programs, learnt, read and written off the page's thread. */
import { expose } from 'comlink';
import { zipSync } from 'fflate';
import type { Borrowing } from '@relay/core/borrow/borrowing';
import { type ChannelMatch, compareChannels } from '@relay/core/compare/meaning';
import { archiveOf } from '@relay/core/kits/write/archive';
import { channelNames } from '@relay/core/kits/write/kit-names';
import { filesOf, type KeepAs, keepKit, openFiles, zipped } from '@relay/core/kits/keep-kit';
import { type KitFinding, kitTables } from '@relay/core/kits/kit-tables';
import { learnKit } from '@relay/core/kits/learn/learn-kit';
import type { Answer, Evidence, Learnt, LearntColumn, Question } from '@relay/core/kits/learn/learnt';
import { ownersIn } from '@relay/core/kits/owners';
import { partialCodeplug } from '@relay/core/kits/write/partial';
import { type KitContent, readKit } from '@relay/core/kits/read-kit';
import type { CardRow } from '@relay/core/kits/write/card-row';
import { writeCard, type WrittenCard } from '@relay/core/kits/write/write-card';
import { writeKit, type WrittenKit } from '@relay/core/kits/write/write-kit';
import type { ListedIn } from '@relay/core/lists/as-repeater';
import type { Kit, TableLayout } from '@relay/core/plan/kit';
import type { Codeplug, Plan } from '@relay/core/plan/types';
import { KIT_MODES, proposeBorrowing } from '@relay/core/registries/kits';
import { ListTooLarge } from '@relay/core/tables/limits';
import { type NamedBytes, type NamedFile, unpacked } from '@relay/core/tables/open';
import { UnreadableFile } from '@relay/core/tables/table-file';
import { fingerprintFiles } from '@relay/core/units/fingerprint';

/** A learnt table without its rows: what a page shows of it. */
export interface LearntView {
  tables: { layout: TableLayout; columns: LearntColumn[]; rows: number; sample: { line: number; cells: string[] }[] }[];
  questions: Question[];
  faults: Learnt['faults'];
}

/** An answer, or why there is none, in a sentence. */
export type Outcome<T> = { is: 'done'; value: T } | { is: 'refused'; why: string };

export interface ReadBack {
  matches: ChannelMatch[];
  content: Pick<KitContent, 'codeplug' | 'said'>;
  findings: KitFinding[];
  fingerprint: string;
  /** The files, to be kept with the plan. */
  secretFiles: string;
}

export interface Written {
  report: Omit<WrittenKit, 'files'>;
  /** `null` where the files would not be read back as they should. */
  zip: Uint8Array | null;
  fingerprint: string;
}

export interface Carded {
  report: Omit<WrittenCard, 'files'>;
  zip: Uint8Array | null;
}

export interface About {
  plan: string;
  radio: string;
  at: string;
}

const SAMPLE_ROWS = 6;

let given: readonly NamedBytes[] = [];
let opened: readonly NamedFile[] = [];
let learnt: Learnt | null = null;
let evidence: Evidence = { pairs: new Set() };
/** What was read back last: choices are about it. */
let read: { files: readonly NamedFile[]; content: KitContent; matches: ChannelMatch[] } | null = null;

async function attempt<T>(act: () => Promise<T> | T): Promise<Outcome<T>> {
  try {
    return { is: 'done', value: await act() };
  } catch (error) {
    if (error instanceof ListTooLarge || error instanceof UnreadableFile) return { is: 'refused', why: error.message };
    throw error;
  }
}

function view(now: Learnt): LearntView {
  return {
    tables: now.tables.map(({ layout, columns, rows, table }) => ({
      layout,
      columns,
      rows,
      sample: table.rows.slice(0, SAMPLE_ROWS),
    })),
    questions: now.questions,
    faults: now.faults.slice(0, 200),
  };
}

function relearn(answers: readonly Answer[]): LearntView {
  learnt = learnKit(opened, KIT_MODES, evidence, answers);
  return view(learnt);
}

async function take(files: readonly NamedBytes[], known: Evidence, answers: readonly Answer[]): Promise<LearntView> {
  const next = await openFiles(files);
  [given, opened, evidence] = [files, next, known];
  return relearn(answers);
}

const kitWorker = {
  give: (files: NamedBytes[], known: Evidence): Promise<Outcome<LearntView>> => attempt(() => take(files, known, [])),
  /** The files that a kit keeps, learnt again as the kit has it. */
  again: (kit: Kit, known: Evidence, answers: Answer[]): Promise<Outcome<LearntView>> =>
    attempt(async () => take((await filesOf(kit)).bytes, known, answers)),
  learn: (answers: Answer[]): LearntView => relearn(answers),
  keep: (as: KeepAs): Promise<Kit> => keepKit(learnt!, opened, given, as),

  /** The codeplug into the kit's files, or into those that are given. */
  write: (
    codeplug: Codeplug,
    kit: Kit,
    base: NamedBytes[] | null,
    about: About,
    keepOthers: boolean,
  ): Promise<Outcome<Written>> =>
    attempt(async () => {
      const kept = base ? { files: await openFiles(base), isNew: false } : await filesOf(kit);
      const options = { keepOthers: keepOthers && !kept.isNew };
      return packed(await writeKit(codeplug, kit, kept.files, KIT_MODES, options), kit, about);
    }),

  /** Files that were saved from the radio, held against the plan by meaning. */
  readBack: (codeplug: Codeplug, kit: Kit, files: NamedBytes[]): Promise<Outcome<ReadBack>> =>
    attempt(async () => {
      const all = unpacked(files);
      const next = await openFiles(all);
      const { tables, findings } = kitTables(kit, next);
      const content = readKit(tables, KIT_MODES, { findings });
      const matches = against(codeplug, kit, content);
      read = { files: next, content, matches };
      return {
        matches,
        content: { codeplug: content.codeplug, said: content.said },
        findings: content.findings,
        fingerprint: fingerprintFiles(all),
        secretFiles: zipped(all),
      };
    }),

  /** What the files of a kit are to the holder of a plan, as a start for a radio's codeplug. */
  borrow: (
    plan: Plan,
    radioId: string,
    kit: Kit,
    listed: ListedIn[],
    base: NamedBytes[] | null,
  ): Promise<Outcome<Borrowing>> =>
    attempt(async () => {
      const files = base ? await openFiles(base) : (await filesOf(kit)).files;
      const { tables, findings } = kitTables(kit, files);
      const { codeplug } = readKit(tables, KIT_MODES, { findings });
      const owners = ownersIn(
        files.flatMap(({ file }) =>
          file.tables.map((table) => {
            const columns = tables.find((one) => one.table === table)?.columns ?? [];
            return {
              table,
              isKnown: (at: number) => columns.some((one) => one.at === at && one.layout.field !== null),
            };
          }),
        ),
      );
      return proposeBorrowing({ plan, radioId, codeplug, listed, owners });
    }),

  /** The list of sites of a kit, filled with these, nearest first; a zip of the files. */
  card: (kit: Kit, rows: CardRow[], most: number | null): Promise<Outcome<Carded>> =>
    attempt(async () => {
      const { files: base } = await filesOf(kit);
      const { files, ...report } = await writeCard(kit, base, rows, most);
      const zip =
        report.wrong.length > 0 ? null : zipSync(Object.fromEntries(files.map(({ name, bytes }) => [name, bytes])));
      return { report, zip };
    }),

  /** What was read back is held against the plan again, after some of it was taken over. */
  compareAgain(codeplug: Codeplug, kit: Kit): ChannelMatch[] {
    if (!read) return [];
    read = { ...read, matches: against(codeplug, kit, read.content) };
    return read.matches;
  },

  /** The files that were read, with only the chosen differences as the plan has them. */
  writeChosen: (codeplug: Codeplug, kit: Kit, chosen: ChannelMatch[], about: About): Promise<Outcome<Written>> =>
    attempt(async () => {
      const { files, content, matches } = read!;
      const mixed = partialCodeplug(KIT_MODES, codeplug, content, matches, chosen);
      const options = { keepOthers: true, remove: mixed.remove };
      return packed(await writeKit(mixed.codeplug, kit, files, KIT_MODES, options), kit, about);
    }),
};

function against(codeplug: Codeplug, kit: Kit, content: KitContent): ChannelMatch[] {
  const names = channelNames(kit.tables, codeplug);
  return compareChannels(KIT_MODES, codeplug, content.codeplug, {
    said: content.said,
    nameThere: (one) => names.get(one.id) ?? one.name,
  });
}

function packed(written: WrittenKit, kit: Kit, about: About): Written {
  const { files, ...report } = written;
  if (written.wrong.length > 0) return { report, zip: null, fingerprint: '' };
  const { zip, fingerprint } = archiveOf({ ...report, files }, { ...about, kit: kit.name });
  return { report, zip, fingerprint };
}

export type KitWorker = typeof kitWorker;

expose(kitWorker);
