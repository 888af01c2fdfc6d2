/**
 * A layout for each table of the files that a radio's own program saved, learnt from one sample: first what the rows of
 * each table are, then what its columns hold, then how tables name rows of each other. Deterministic; what somebody
 * said settles a guess, and everything that hangs on it is worked out again.
 */
import type { NamedFile } from '../../tables/open';
import type { KitModes } from '../kit-field';
import { takeWords } from './answers';
import { settleChannels } from './channels';
import { draftOf } from './draft';
import { layoutOf } from './layouts';
import type { Answer, Evidence, Learnt } from './learnt';
import { findChannelLists, findRecordLists } from './list-roles';
import { questionsOf } from './questions';
import { findChannels, findRecords } from './roles';

/** What each table is and each column holds; with what could not be settled as questions, the most telling first. */
export function learnKit(
  files: readonly NamedFile[],
  modes: KitModes,
  evidence: Evidence,
  answers: readonly Answer[] = [],
): Learnt {
  const drafts = files.flatMap(({ name, file }) => file.tables.map((table) => draftOf(name, table)));
  findChannels(drafts, modes, evidence, answers);
  findChannelLists(drafts, modes, answers);
  findRecords(drafts, modes, answers);
  findRecordLists(drafts, modes, answers);
  settleChannels(drafts, modes, evidence, answers);
  for (const draft of drafts) {
    takeWords(draft, answers);
    // What is not understood as a whole is carried along as a whole.
    if (draft.role === 'other') draft.taken = draft.all = [];
  }
  return {
    tables: drafts.map(layoutOf),
    questions: questionsOf(drafts, answers),
    faults: files.flatMap(({ name, file }) => file.faults.map((fault) => ({ ...fault, file: name }))),
  };
}
