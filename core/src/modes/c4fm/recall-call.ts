/** A stored profile of a hotspot is recalled in C4FM by a tone code that the radio keeps. */
import type { ModeRecall } from '../../path/mode-path';
import { CODE_PATTERN } from '../../plan/modes/c4fm/limits';

export const recall: ModeRecall<'c4fm'> = {
  what: 'tone code',
  tidy: (text) => text.replace(/\s/g, '').toUpperCase(),
  expected: (call) => (new RegExp(CODE_PATTERN).test(call) ? null : 'at most 16 of the digits, A to D, * and #'),
  codes: {
    of: ({ c4fm }) => c4fm.codes,
    path: ['c4fm', 'codes'],
    most: ({ c4fm }) => c4fm?.dtmfMemories ?? 0,
  },
};
