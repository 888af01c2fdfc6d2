/** Columns of tones, once all columns of a table are known: which say tones in parts, and what their words mean. */
import { decodeCell } from '../codec';
import { HOLDERS, SELECTORS } from '../tones/split-tones';
import type { Candidate } from './candidates';
import type { Draft } from './draft';

const isSelector = ({ field }: Candidate) => SELECTORS.some((id) => id === field.id);
const isHolder = ({ field }: Candidate) => HOLDERS.some((id) => id === field.id);
const takenAs = (draft: Draft, id: string) => draft.taken.find(({ field }) => field.id === id);

/** A column that selects says nothing without one that holds; of a mode and kinds for each direction the surer stay. */
function withoutIdle(draft: Draft): void {
  const mode = takenAs(draft, 'tone-mode');
  const kinds = ['tone-kind-tx', 'tone-kind-rx'].flatMap((id) => takenAs(draft, id) ?? []);
  const surest = Math.max(0, ...kinds.map(({ confidence }) => confidence));
  const holds = draft.taken.some(isHolder);
  const idle = (one: Candidate) => {
    if (!isSelector(one) || one.because === 'you said so') return false;
    if (!holds) return true;
    if (one.field.id === 'tone-mode') return kinds.length === 2 || surest > one.confidence;
    return mode !== undefined && one.field.id !== 'tone-turn' && kinds.length < 2 && surest <= mode.confidence;
  };
  draft.taken = draft.taken.filter((one) => !idle(one));
}

/** Rows with a word of the selector in which both columns hold tones that are not the same. */
function differs(draft: Draft, mode: Candidate, word: string): boolean {
  const [sent, heard] = [takenAs(draft, 'tone-tx'), takenAs(draft, 'tone-rx')];
  if (!sent || !heard) return false;
  return mode.column.cells.some((cell, row) => {
    if (cell !== word) return false;
    const [one, other] = [sent, heard].map(({ codec, column }) => decodeCell(codec, column.cells[row] ?? ''));
    return one !== undefined && other !== undefined && one !== other;
  });
}

/**
 * What a word of the selector can mean, by the other columns and words: one meaning, or several that are asked about.
 */
function meaningsOf(
  draft: Draft,
  mode: Candidate,
  words: readonly [string, string][],
  [word, meaning]: [string, string],
) {
  const hasTwo = takenAs(draft, 'tone-tx') !== undefined && takenAs(draft, 'tone-rx') !== undefined;
  if (meaning === 'tone') {
    if (words.some(([, one]) => one === 'tone sent')) return ['tone both ways'];
    if (words.some(([, one]) => one === 'tone both ways')) return ['tone sent'];
    return hasTwo ? ['each its own'] : ['tone sent', 'tone both ways'];
  }
  // Two tones in one row: each may count for its direction, or the heard one for both.
  const isEither = meaning === 'tone both ways' && differs(draft, mode, word);
  return isEither ? ['tone both ways', 'heard tone both ways'] : [meaning];
}

/** Settles words that could mean several things; what nothing settles is asked. */
function takeModeWords(draft: Draft): void {
  const mode = takenAs(draft, 'tone-mode');
  if (mode?.codec.as !== 'words') return;
  const { words } = mode.codec;
  const found = words.map((pair) => ({ word: pair[0], meanings: meaningsOf(draft, mode, words, pair) }));
  const settled = found.filter(({ meanings }) => meanings.length === 1);
  const open = found.filter(({ meanings }) => meanings.length > 1);
  mode.codec = { as: 'words', words: settled.map(({ word, meanings }): [string, string] => [word, meanings[0]!]) };
  mode.unknown = [...new Set([...mode.unknown, ...open.map(({ word }) => word)])];
  mode.maybe = new Map(open.map(({ word, meanings }) => [word, meanings]));
}

/** A tone column that holds none yet is written as the other one is. */
function alike(draft: Draft): void {
  const tones = draft.taken.filter(({ codec }) => codec.as === 'tone');
  const written = tones.find(({ column, codec }) =>
    column.texts.some(({ text }) => codec.as === 'tone' && text !== codec.none),
  );
  if (written?.codec.as !== 'tone') return;
  const { hertz, code } = written.codec;
  for (const one of tones)
    if (one !== written && one.codec.as === 'tone' && one.column.texts.length === 1)
      one.codec = { ...one.codec, hertz, code };
}

/** Settles the columns of tones together. */
export function takeTones(draft: Draft): void {
  withoutIdle(draft);
  takeModeWords(draft);
  alike(draft);
}
