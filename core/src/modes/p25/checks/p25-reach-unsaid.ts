import { defineCheck } from '../../../checks/check';
import { channelSubject } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { networkName } from '../../../plan/networks';
import type { Id } from '../../../plan/types';
import { eachDisagreement } from './walk';

export const p25ReachUnsaid = defineCheck({
  id: 'p25-reach-unsaid',
  severity: 'doubtful',
  title: 'Nobody has said which P25 network the site reaches',
  fact: 'p25-network',
  docs: {
    summary: 'A channel is meant for a P25 group, and the plan does not say which networks its site reaches.',
    why: 'A group of a network that is not reached is never heard.',
    remedy: 'Say at the site which networks it reaches; its keeper knows.',
    source: { kind: 'common practice', name: 'which network a site reaches is a property of the site' },
  },
  messages: { unsaid: 'Nobody has said whether {site} reaches {expects}.' },
  fixes: { reaches: '{site} reaches {expects}' },
  check(index, report) {
    eachDisagreement(index, 'p25-network', 'gateway', (context, fact) => {
      if (fact.state !== 'doubtful') return;
      const pointer = toPointer(['sites', 'byId', context.site!.id, 'p25', 'networkIds']);
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
