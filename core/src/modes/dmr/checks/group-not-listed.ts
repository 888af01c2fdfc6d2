import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { carriageOf, carriedWords } from '../carriage';
import { eachNote } from './walk';

export const groupNotListed = defineCheck({
  id: 'group-not-listed',
  severity: 'note',
  title: 'The repeater is not said to carry the group',
  fact: 'group-carried',
  docs: {
    summary:
      'A channel calls a group that nobody has named for its repeater, and nobody has said whether it takes up others.',
    why: 'Lists seldom name all groups; most repeaters take one up when it is keyed, some do not.',
    remedy: 'Key it and listen; then say at the site that it takes the group, or that it takes no others.',
    source: { kind: 'common practice', name: 'a list of groups is seldom whole' },
  },
  messages: { unlisted: 'The channel calls group {has}; of {site} is named {expects}.' },
  fixes: { add: 'Add group {has} to slot {slot} of {site}: I know that it is taken up there' },
  check(index, report) {
    eachNote(index, 'group-carried', 'gateway', (context) => {
      const site = context.site!;
      const { call, slot } = context.channel.dmr;
      report({
        message: 'unlisted',
        data: { has: call.number, site: site.name, expects: carriedWords(carriageOf(site)!), slot },
        pointer: channelPointer(context, 'dmr', 'call', 'number'),
        subject: channelSubject(context),
        fixes: [
          {
            id: 'add',
            patches: [
              {
                op: 'add',
                path: toPointer(['sites', 'byId', site.id, 'dmr', 'carries', 'groups', '-']),
                value: { slot, number: call.number, static: false },
              },
            ],
          },
        ],
      });
    });
  },
});
