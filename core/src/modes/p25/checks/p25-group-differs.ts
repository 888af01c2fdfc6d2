import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { classifyGroup } from '../addresses';
import { groupFor } from '../links';
import { eachNumber } from './walk';

export const p25GroupDiffers = defineCheck({
  id: 'p25-group-differs',
  severity: 'broken',
  title: 'The channel calls another P25 group than it is meant for',
  fact: 'p25-number',
  docs: {
    summary: 'A channel calls another talk group than the destination it is meant to reach.',
    why: 'Calling a group links the site there: you talk somewhere else, and take the site along.',
    remedy: 'Set the group of the destination.',
    source: { kind: 'common practice', name: 'reflectors are talk group numbers' },
  },
  messages: { differs: 'The channel calls group {has}; {wanted} is {expects}.' },
  fixes: { set: 'Set the group to {expects}' },
  check(index, report) {
    eachNumber(index, (context, fact) => {
      const wanted = groupFor(index.plan, context.channel.destination);
      if (!wanted || classifyGroup(Number(fact.has)) !== 'usable') return;
      reportValue(report, context, ['p25', 'group'], { message: 'differs', data: { has: Number(fact.has), wanted: wanted.name, expects: wanted.number }, to: wanted.number });
    });
  },
});
