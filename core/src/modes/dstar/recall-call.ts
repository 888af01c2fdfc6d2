/** A stored profile of a hotspot is recalled in D-STAR by what stands in UR. */
import type { ModeRecall } from '../../path/mode-path';
import { FIELD_LENGTH } from '../../plan/modes/dstar/limits';
import { blankChannel } from './channel';
import { fieldProblem, padField } from './addresses';

export const recall: ModeRecall<'dstar'> = {
  what: 'UR',
  tidy: (text) => text.toUpperCase().trimEnd(),
  expected: (call) =>
    call.trim() !== '' && call.length <= FIELD_LENGTH && fieldProblem(call, FIELD_LENGTH) === null
      ? null
      : `at most ${FIELD_LENGTH} letters A to Z, digits, spaces and “/”`,
  channel: {
    sent: ({ dstar: { ur } }) => ur.trimEnd(),
    blank: blankChannel,
    send: (values, call) => void (values.dstar = { ...values.dstar, ur: padField(call) }),
  },
};
