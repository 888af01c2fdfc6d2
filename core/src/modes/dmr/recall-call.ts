/** A stored profile of a hotspot is recalled in DMR by a group call. */
import type { ModeRecall } from '../../path/mode-path';
import { blankChannel } from './channel';
import { newContactPatches } from './recall';
import { ADDRESS_MAX, ADDRESS_MIN } from '../../plan/modes/dmr/limits';

export const recall: ModeRecall<'dmr'> = {
  what: 'group',
  tidy: (text) => text.replace(/[\s,]/g, '').replace(/^0+(?=\d)/, ''),
  expected: (call) =>
    /^\d+$/.test(call) && Number(call) >= ADDRESS_MIN && Number(call) <= ADDRESS_MAX
      ? null
      : `a group from ${ADDRESS_MIN} to ${ADDRESS_MAX.toLocaleString('en')}`,
  channel: {
    sent: ({ dmr: { call } }) => (call.kind === 'group' ? String(call.number) : ''),
    blank: blankChannel,
    along: (plan, radio, codeplug, call, name) =>
      newContactPatches(plan, radio, codeplug, { kind: 'group', number: Number(call) }, name),
    send: (values, call) => void (values.dmr = { ...values.dmr, call: { kind: 'group', number: Number(call) } }),
  },
};
