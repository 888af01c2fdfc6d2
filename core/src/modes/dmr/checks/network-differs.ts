import { networkName } from '../../../plan/networks';
import { profilePointer } from '../../../plan/profiles';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const networkDiffers = defineCheck({
  id: 'network-differs',
  severity: 'broken',
  title: 'The hotspot sends the call to another network',
  fact: 'network',
  docs: {
    summary:
      'A hotspot without route rules is logged in to several networks, and a channel is meant for one that is not the first.',
    why: 'The same number on another network is another group, or nobody.',
    remedy: 'Plan rules for both networks under the hotspot’s routes, or log it in only to the network that is meant.',
  },
  messages: { differs: 'The call goes to {has}; its destination is on {expects}.' },
  fixes: { switch: 'Switch {site} from {has} to {expects}' },
  check(index, report) {
    const { plan } = index;
    eachDisagreement(index, 'network', 'network', (context, fact) => {
      const site = context.site!;
      const [has, expects] = [String(fact.has), String(fact.expects)];
      const login = (id: string) => profilePointer(index.plan, site.id, 'dmr', 'logins', id, 'enabled');
      const data = { has: networkName(plan, has), expects: networkName(plan, expects), site: site.name };
      const fixes = [{ id: 'switch' as const, patches: [set(login(has), false)] }];
      report({
        message: 'differs',
        data,
        pointer: channelPointer(context, 'destination', 'networkId'),
        subject: channelSubject(context),
        fixes,
      });
    });
  },
});
