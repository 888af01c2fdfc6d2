import type { CallKind } from '../../../plan/types';
import { recallPatches } from '../recall';
import { valueCheck } from '../../../checks/value-check';
import { calledNumber } from '../links';

export const callKindDiffers = valueCheck({
  id: 'call-kind-differs',
  severity: 'broken',
  title: 'Group called as private, or the reverse',
  mode: 'dmr',
  fact: 'call-kind',
  hops: ['network', 'site'],
  field: ['dmr', 'call', 'kind'],
  docs: {
    summary: 'A channel makes a private call to a group, or a group call to a number that wants a private one.',
    why: 'The network keeps groups and stations apart: the same number as the other kind reaches somebody else or nobody.',
    remedy: 'Set the kind of call that the destination expects.',
    source: { kind: 'published', name: 'ETSI TS 102 361-2 (group and unit to unit voice calls)' },
  },
  messages: { differs: 'The channel makes a {has} call to {number}; the destination expects a {expects} call.' },
  data: (context) => ({ number: calledNumber(context) }),
  patches: (context, { expects }) => recallPatches(context, { ...context.channel.dmr.call, kind: expects as CallKind }),
  press: 'Make it a {expects} call',
});
