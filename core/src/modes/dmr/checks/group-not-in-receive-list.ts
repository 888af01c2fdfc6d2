import { defineCheck } from '../../../checks/check';
import { calledNumber } from '../links';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { rows } from '../../../plan/table';
import { toPointer } from '../../../plan/patches';
import { roomIn } from '../../../codeplug/room';

export const groupNotInReceiveList = defineCheck({
  id: 'group-not-in-receive-list',
  severity: 'broken',
  title: 'The channel’s group is missing from its receive list',
  fact: 'receive-list',
  docs: {
    summary: 'A radio that hears only its receive list has a channel whose list lacks the channel’s own group.',
    why: 'You can talk, but you will not hear the answer.',
    remedy: 'Add the group to the channel’s receive list.',
    source: { kind: 'common practice', name: 'whether the own group is heard unlisted is a property of the radio' },
  },
  messages: {
    lacks: 'The channel calls group {called}; its receive list “{list}” lacks it.',
    none: 'The channel calls group {called} and has no receive list; {radio} hears only listed groups.',
  },
  fixes: { add: 'Add {number} to “{list}”', use: 'Use receive list “{list}”' },
  check(index, report) {
    eachDisagreement(index, 'receive-list', 'radio', (context) => {
      const { channel, codeplug, radio } = context;
      const { number } = channel.dmr.call;
      const called = calledNumber(context);
      const pointer = channelPointer(context, 'dmr', 'receiveListId');
      const list =
        channel.dmr.receiveListId === null ? undefined : codeplug.dmr.receiveLists.byId[channel.dmr.receiveListId];
      const other = rows(codeplug.dmr.receiveLists).find((one) => one.groups.includes(number));
      const subject = channelSubject(context);
      if (list && list.groups.length < roomIn(radio.limits.groupsPerReceiveList)) {
        const path = toPointer(['codeplugs', radio.id, 'dmr', 'receiveLists', 'byId', list.id, 'groups', '-']);
        report({
          message: 'lacks',
          data: { number, called, list: list.name },
          pointer,
          subject,
          fixes: [{ id: 'add', patches: [{ op: 'add', path, value: number }] }],
        });
        return;
      }
      const fixes = other
        ? [{ id: 'use' as const, data: { list: other.name }, patches: [set(pointer, other.id)] }]
        : [];
      report(
        list
          ? { message: 'lacks', data: { number, called, list: list.name }, pointer, subject, fixes }
          : { message: 'none', data: { number, called, radio: radio.name }, pointer, subject, fixes },
      );
    });
  },
});
