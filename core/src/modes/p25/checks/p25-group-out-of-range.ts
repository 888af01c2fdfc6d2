import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { classifyGroup } from '../addresses';
import { GROUP_ALL } from '../limits';
import { groupFor } from '../links';
import { eachNumber } from './walk';

export const p25GroupOutOfRange = defineCheck({
  id: 'p25-group-out-of-range',
  severity: 'broken',
  title: 'A P25 group that cannot be a destination',
  fact: 'p25-number',
  docs: {
    summary: 'A channel calls group 0, which is none, or 65,535, which calls everybody.',
    why: 'A gateway links nowhere for either; the call to all opens every radio in reach.',
    remedy: 'Set a group from 1 to 65,534.',
    source: { kind: 'from memory', name: 'TIA-102: 16 bits, 1 to 65,534, FFFF hex calls all' },
  },
  messages: { all: 'The channel calls group 65,535, which calls everybody and is no destination; expected 1 to 65,534.', none: 'The channel calls group 0, which is none; expected 1 to 65,534.' },
  fixes: { set: 'Set the group to {expects}' },
  check(index, report) {
    eachNumber(index, (context, fact) => {
      const has = Number(fact.has);
      if (classifyGroup(has) === 'usable') return;
      const wanted = groupFor(index.plan, context.channel.destination);
      reportValue(report, context, ['p25', 'group'], { message: has === GROUP_ALL ? 'all' : 'none', data: wanted ? { expects: wanted.number } : {}, ...(wanted ? { to: wanted.number } : {}) });
    });
  },
});
