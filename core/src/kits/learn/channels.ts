/** What tables of channels say of other tables, and what is worked out from all of their columns together. */
import { MODE_IDS } from '../../plan/modes';
import { decodeCell } from '../codec';
import type { KitModes } from '../kit-field';
import { plainWord } from '../plain';
import { carriedOf } from './answers';
import { assign, type Candidate, titleScore } from './candidates';
import { shareOf } from './column';
import { type Draft, targetOf } from './draft';
import type { Answer, Evidence } from './learnt';
import { namedCodec, namesRows, type Target } from './targets';
import { takeTones } from './tones';
import { whichWayRound } from './way-round';

/** Columns of channels that name contacts or lists. */
export function takeLinks(draft: Draft, targets: readonly Target[], modes: KitModes, answers: readonly Answer[]): void {
  const carried = carriedOf(draft, answers);
  const links = MODE_IDS.flatMap((mode) => modes[mode].kit.fields).filter(({ reads }) => reads.as === 'named');
  const found = links.flatMap((field) => {
    const { reads } = field;
    if (reads.as !== 'named') return [];
    return draft.columns.flatMap((column): Candidate[] => {
      const target = targets.find(({ role }) => role === reads.role);
      const title = titleScore(field, column);
      const there = draft.taken.find((one) => one.column.at === column.at);
      if (!target || carried.has(column.at) || title === -1 || there?.because === 'you said so') return [];
      const named = namesRows(column, target);
      if (!named || (named.telling < 0.6 && title !== 1)) return [];
      // A title that names rows which are there says more than one that could be a number of its own.
      const distinct = column.texts.length > 2 ? 1 : 0.6;
      const confidence = title === 1 ? 0.97 + 0.02 * named.share : 0.85 * named.share * named.telling * distinct;
      return [
        {
          column,
          field,
          codec: namedCodec(named),
          confidence,
          because: title === 1 ? 'title and cells' : 'relation',
          unknown: [],
        },
      ];
    });
  });
  // Small numbers that no contact has are places of contacts, not the numbers that are called.
  const contacts = targets.find(({ role }) => role === 'contacts');
  for (const one of draft.all) {
    if (one.field.id !== 'number' || !contacts || contacts.rows === 0) continue;
    const isCalled = shareOf(one.column, (text) => contacts.numbers.has(decodeCell(one.codec, text) ?? ''));
    if (isCalled < 0.5 && namesRows(one.column, contacts)) one.confidence = Math.min(one.confidence, 0.5);
  }
  const known = draft.taken.filter(({ because }) => because === 'you said so');
  const settledNames = known.flatMap((one): Candidate[] => {
    const { reads } = one.field;
    const target = reads.as === 'named' ? targets.find(({ role }) => role === reads.role) : undefined;
    const named = target ? namesRows(one.column, target) : null;
    return named ? [{ ...one, codec: namedCodec(named) }] : [];
  });
  const kept = known.filter((one) => one.field.reads.as !== 'named');
  draft.all = [...draft.all, ...found].sort((a, b) => b.confidence - a.confidence);
  draft.taken = assign(draft.all, [...kept, ...settledNames]);
}

const GENERIC_DIGITAL = /^(digital\w*|d|dig|numerique|digi)$/;

/** The mode of rows that do not say it, and whose word “digital” is. */
export function takeMode(draft: Draft, modes: KitModes): void {
  const shown = MODE_IDS.filter((mode) =>
    modes[mode].kit.shownBy.some((id) =>
      draft.taken.some(({ field, confidence }) => field.id === id && confidence >= 0.5),
    ),
  );
  const digital = shown.filter((mode) => mode !== 'fm');
  const only = digital.length === 1 ? digital[0]! : null;
  const mode = draft.taken.find(({ field }) => field.id === 'mode');
  if (mode?.codec.as === 'words' && only) {
    const words = mode.codec.words.map(([word, meaning]): [string, string] => [
      word,
      GENERIC_DIGITAL.test(plainWord(word)) ? only : meaning,
    ]);
    mode.codec = { as: 'words', words };
  }
  draft.mode = mode ? null : (only ?? (digital.length === 0 ? 'fm' : null));
}

/** Settles the tables of channels, once all others are known. */
export function settleChannels(
  drafts: readonly Draft[],
  modes: KitModes,
  evidence: Evidence,
  answers: readonly Answer[],
): void {
  const targets = drafts.filter(({ role }) => role !== 'channels' && role !== 'other').map(targetOf);
  for (const draft of drafts.filter(({ role }) => role === 'channels')) {
    takeLinks(draft, targets, modes, answers);
    whichWayRound(draft, evidence);
    takeMode(draft, modes);
    takeTones(draft);
  }
}
