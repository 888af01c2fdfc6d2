import { networkName } from '../../../plan/networks';
import { defineCheck } from '../../../checks/check';
import { calledNumber } from '../links';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { eachNote } from './walk';

export const groupUnknown = defineCheck({
  id: 'group-unknown',
  severity: 'note',
  title: 'Talk group in no directory',
  fact: 'group',
  docs: {
    summary: 'A channel calls a number that the network’s directory does not hold, and is linked to no destination.',
    why: 'A directory is never complete; but a slip of a digit leads to a group where nobody is.',
    remedy: 'Choose where the channel should reach, or add the group under Networks if it exists.',
  },
  messages: { unknown: 'The channel calls {kind} {called}, which is not in the directory of {network}.' },
  fixes: {},
  check(index, report) {
    eachNote(index, 'group', 'network', (context) => {
      const data = {
        kind: context.channel.dmr.call.kind,
        called: calledNumber(context),
        network: networkName(index.plan, context.arrives!.networkId),
      };
      report({
        message: 'unknown',
        data,
        pointer: channelPointer(context, 'dmr', 'call', 'number'),
        subject: channelSubject(context),
      });
    });
  },
});
