import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, wordsOf } from '../../../checks/walk';
import { eachNote } from './walk';

export const p25GroupUnknown = defineCheck({
  id: 'p25-group-unknown',
  severity: 'note',
  title: 'Nothing is known of this P25 group',
  fact: 'p25-group',
  docs: {
    summary: 'A channel calls a group that no network of its site lists.',
    why: 'It may be a slip, or a group of a network that the site does not reach.',
    remedy: 'Link the channel to a destination, or add the group to its network.',
    source: { kind: 'common practice', name: 'groups are listed by their network' },
  },
  messages: { unknown: 'The channel calls group {has}; expected {expects}.' },
  fixes: {},
  check(index, report) {
    eachNote(index, 'p25-group', 'network', (context, fact) => {
      report({
        message: 'unknown',
        data: { ...wordsOf(context, fact) },
        pointer: channelPointer(context, 'p25', 'group'),
        subject: channelSubject(context),
      });
    });
  },
});
