import { networkName } from '../../../plan/networks';
import { defineCheck } from '../../../checks/check';
import { calledNumber } from '../links';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const groupUnknown = defineCheck({
  id: 'group-unknown',
  severity: 'broken',
  title: 'Talk group unknown to the network',
  fact: 'group',
  docs: {
    summary: 'A channel calls a number that the network’s directory does not hold, and is linked to no destination.',
    why: 'The call goes to a group where nobody is, or to one you do not mean.',
    remedy: 'Choose where the channel should reach, or add the group under Networks if it exists.',
  },
  messages: { unknown: 'The channel calls {kind} {called}; {network} knows no such number.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'group', 'network', (context) => {
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
