import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { groupIdText } from '../rooms';
import { eachDisagreement } from './walk';

export const groupIdDiffers = defineCheck({
  id: 'group-id-differs',
  severity: 'broken',
  title: 'Group ID differs between channel and site',
  fact: 'group-id',
  docs: {
    summary: 'A channel sends another group ID than its repeater takes.',
    why: 'The repeater repeats only what carries its group: it stays silent.',
    remedy: 'Set the group ID that the repeater asks for.',
    source: { kind: 'common practice', name: 'a repeater may ask for a group ID of its own' },
  },
  messages: { differs: 'The channel sends group {has}; {site} takes {expects}.' },
  fixes: { set: 'Send group {expects}' },
  check(index, report) {
    eachDisagreement(index, 'group-id', 'site', (context, fact) => {
      if (fact.state !== 'broken') return;
      reportValue(report, context, ['c4fm', 'groupTx'], { message: 'differs', data: { site: context.site!.name, has: groupIdText(Number(fact.has)), expects: groupIdText(Number(fact.expects)) }, to: fact.expects });
    });
  },
});
