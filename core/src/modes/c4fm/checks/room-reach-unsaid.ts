import { defineCheck } from '../../../checks/check';
import { channelSubject } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { networkName } from '../../../plan/networks';
import type { Id } from '../../../plan/types';
import { eachDisagreement } from './walk';

export const roomReachUnsaid = defineCheck({
  id: 'room-reach-unsaid',
  severity: 'doubtful',
  title: 'Nobody has said which rooms the site reaches',
  fact: 'room-network',
  docs: {
    summary: 'A channel is meant for a room, and the plan does not say which networks of rooms its site reaches.',
    why: 'A room of a network that is not reached is never found.',
    remedy: 'Say at the site which networks it reaches; its keeper knows.',
    source: { kind: 'common practice', name: 'room network reach is a property of the site' },
  },
  messages: { unsaid: 'Nobody has said whether {site} reaches {expects}.' },
  fixes: { reaches: '{site} reaches {expects}' },
  check(index, report) {
    eachDisagreement(index, 'room-network', 'gateway', (context, fact) => {
      if (fact.state !== 'doubtful') return;
      const pointer = toPointer(['sites', 'byId', context.site!.id, 'c4fm', 'networkIds']);
      const [networkId] = fact.expects as readonly [Id];
      report({
        message: 'unsaid',
        data: { site: context.site!.name, expects: networkName(index.plan, networkId) },
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'reaches', patches: [{ op: 'add', path: `${pointer}/-`, value: networkId }] }],
      });
    });
  },
});
