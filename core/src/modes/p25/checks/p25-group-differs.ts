import { valueCheck } from '../../../checks/value-check';
import { classifyGroup } from '../addresses';
import { groupFor } from '../links';
import type { P25Context } from './walk';

const wantedOf = ({ index, channel }: P25Context) => groupFor(index.plan, channel.destination);

export const p25GroupDiffers = valueCheck({
  id: 'p25-group-differs',
  severity: 'broken',
  title: 'The channel calls another P25 group than it is meant for',
  mode: 'p25',
  fact: 'p25-number',
  hops: ['gateway', 'network'],
  field: ['p25', 'group'],
  docs: {
    summary: 'A channel calls another talk group than the destination it is meant to reach.',
    why: 'Calling a group links the site there: you talk somewhere else, and take the site along.',
    remedy: 'Set the group of the destination.',
    source: { kind: 'common practice', name: 'reflectors are talk group numbers' },
  },
  messages: { differs: 'The channel calls group {has}; {wanted} is {expects}.' },
  which: (context, { has }) => (wantedOf(context) && classifyGroup(Number(has)) === 'usable' ? 'differs' : null),
  data: (context, { has }) => ({
    has: Number(has),
    wanted: wantedOf(context)!.name,
    expects: wantedOf(context)!.number,
  }),
  to: (context) => wantedOf(context)!.number,
  press: 'Set the group to {expects}',
});
