import { valueCheck } from '../../../checks/value-check';
import { classifyGroup } from '../addresses';
import { GROUP_ALL } from '../../../plan/modes/p25/limits';
import { groupFor } from '../links';
import type { P25Context } from './walk';

const wantedOf = ({ index, channel }: P25Context) => groupFor(index.plan, channel.destination);

export const p25GroupOutOfRange = valueCheck({
  id: 'p25-group-out-of-range',
  severity: 'broken',
  title: 'A P25 group that cannot be a destination',
  mode: 'p25',
  fact: 'p25-number',
  hops: ['gateway', 'network'],
  field: ['p25', 'group'],
  docs: {
    summary: 'A channel calls group 0, which is none, or 65,535, which calls everybody.',
    why: 'A gateway links nowhere for either; the call to all opens every radio in reach.',
    remedy: 'Set a group from 1 to 65,534.',
    source: { kind: 'from memory', name: 'TIA-102: 16 bits, 1 to 65,534, FFFF hex calls all' },
  },
  messages: {
    all: 'The channel calls group 65,535, which calls everybody and is no destination; expected 1 to 65,534.',
    none: 'The channel calls group 0, which is none; expected 1 to 65,534.',
  },
  which(_, { has }) {
    if (classifyGroup(Number(has)) === 'usable') return null;
    return has === GROUP_ALL ? 'all' : 'none';
  },
  data: (context) => ({ expects: wantedOf(context)?.number ?? '' }),
  to: (context) => wantedOf(context)?.number,
  press: 'Set the group to {expects}',
});
