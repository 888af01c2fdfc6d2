/** A stored profile of a hotspot is recalled in P25 by a group call. */
import type { ModeRecall } from '../../path/mode-path';
import { blankChannel } from './channel';
import { GROUP_MAX } from '../../plan/modes/p25/limits';

export const recall: ModeRecall<'p25'> = {
  what: 'group',
  tidy: (text) => text.replace(/[\s,]/g, '').replace(/^0+(?=\d)/, ''),
  expected: (call) =>
    /^\d+$/.test(call) && Number(call) >= 1 && Number(call) <= GROUP_MAX
      ? null
      : `a group from 1 to ${GROUP_MAX.toLocaleString('en')}`,
  channel: {
    sent: ({ p25: { group } }) => String(group),
    blank: blankChannel,
    send: (values, call) => void (values.p25 = { ...values.p25, group: Number(call) }),
  },
};
