import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, eachDisagreement } from '../../../checks/walk';
import { set } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';

export const networkDiffers = defineCheck({
  id: 'network-differs',
  severity: 'broken',
  title: 'The hotspot sends the call to another network',
  fact: 'network',
  docs: {
    summary: 'A channel is meant for one network, but its hotspot is logged in to another.',
    why: 'The same number on another network is another group, or nobody.',
    remedy: 'Log the hotspot in to the network that is meant, or link the channel to a destination of the network it has.',
  },
  messages: { differs: 'The call goes to {has}; its destination is on {expects}.' },
  fixes: { switch: 'Switch {site} from {has} to {expects}' },
  check(index, report) {
    const { plan } = index;
    eachDisagreement(index, 'network', 'network', (context, fact) => {
      const site = context.site!;
      const [has, expects] = [String(fact.has), String(fact.expects)];
      const login = (id: string) => toPointer(['profiles', site.id, 'logins', id, 'enabled']);
      const data = { has: plan.networks.byId[has]!.name, expects: plan.networks.byId[expects]!.name, site: site.name };
      const fixes = context.profile!.logins[expects] ? [{ id: 'switch' as const, patches: [set(login(has), false), set(login(expects), true)] }] : [];
      report({ message: 'differs', data, pointer: channelPointer(context, 'destination', 'networkId'), subject: channelSubject(context), fixes });
    });
  },
});
