import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { groupIdText } from '../rooms';
import { eachDisagreement } from './walk';

export const groupIdNotOpen = defineCheck({
  id: 'group-id-not-open',
  severity: 'doubtful',
  title: 'A group ID where 00 is expected',
  fact: 'group-id',
  docs: {
    summary: 'A channel sends a group ID to a site that is open under 00, as hotspots are.',
    why: 'Some hotspots take another group for the number of a network or a recall, others do not answer.',
    remedy: 'Send 00 unless your hotspot’s pages say otherwise.',
    source: { kind: 'common practice', name: '00/00 to reach a hotspot' },
  },
  messages: { beside: 'The channel sends group {has}; {site} expects 00.' },
  fixes: { set: 'Send group 00' },
  check(index, report) {
    eachDisagreement(index, 'group-id', 'site', (context, fact) => {
      if (fact.state !== 'doubtful') return;
      reportValue(report, context, ['c4fm', 'groupTx'], { message: 'beside', data: { site: context.site!.name, has: groupIdText(Number(fact.has)) }, to: fact.expects });
    });
  },
});
