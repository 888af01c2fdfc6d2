import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { carriageOf, carriedWords } from '../carriage';
import { eachDisagreement } from './walk';

export const groupNotAtRepeater = defineCheck({
  id: 'group-not-at-repeater',
  severity: 'broken',
  title: 'The repeater does not carry the group',
  fact: 'group-carried',
  docs: {
    summary: 'A channel calls a group that its repeater carries on neither slot.',
    why: 'The call stays at the repeater or is refused there.',
    remedy:
      'Choose a group that it carries or another repeater; if you know that it takes the group, add it to the site and tell the list’s keeper.',
  },
  messages: { not: 'The channel calls group {has}; {site} carries {expects}.' },
  fixes: { add: 'Add group {has} to slot {slot} of {site}: I know that it is taken up there' },
  check(index, report) {
    eachDisagreement(index, 'group-carried', 'gateway', (context) => {
      const site = context.site!;
      const { call, slot } = context.channel.dmr;
      const data = { has: call.number, site: site.name, expects: carriedWords(carriageOf(site)!), slot };
      const add = {
        op: 'add' as const,
        path: toPointer(['sites', 'byId', site.id, 'dmr', 'carries', 'groups', '-']),
        value: { slot, number: call.number, static: false },
      };
      report({
        message: 'not',
        data,
        pointer: channelPointer(context, 'dmr', 'call', 'number'),
        subject: channelSubject(context),
        fixes: [{ id: 'add', patches: [add] }],
      });
    });
  },
});
