import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { GROUP_ID_OPEN } from '../limits';
import { groupIdText } from '../rooms';
import { eachDisagreement } from './walk';

export const groupIdHeardDiffers = defineCheck({
  id: 'group-id-heard-differs',
  severity: 'broken',
  title: 'The radio opens for a group that the site does not send',
  fact: 'group-id-heard',
  docs: {
    summary: 'A channel opens for one group ID only, and its site sends another.',
    why: 'The radio stays silent although the site is heard: you talk and hear nothing.',
    remedy: 'Open for 00, which is every group, or for the one that the site sends.',
    source: { kind: 'common practice', name: '00 opens for every group' },
  },
  messages: { differs: 'The channel opens for group {has}; {site} sends {expects}.' },
  fixes: { set: 'Open for every group (00)' },
  check(index, report) {
    eachDisagreement(index, 'group-id-heard', 'site', (context, fact) => {
      reportValue(report, context, ['c4fm', 'groupRx'], { message: 'differs', data: { site: context.site!.name, has: groupIdText(Number(fact.has)), expects: groupIdText(Number(fact.expects)) }, to: GROUP_ID_OPEN });
    });
  },
});
