import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { networkIdOf } from '../../../plan/networks';
import { carriageOf } from '../carriage';
import { callFor } from '../links';
import { eachDisagreement } from './walk';

export const repeaterNetworkDiffers = defineCheck({
  id: 'repeater-network-differs',
  severity: 'broken',
  title: 'The repeater is on another network',
  fact: 'site-network',
  docs: {
    summary: 'A channel is meant for a network that its repeater is not linked to.',
    why: 'The same number on another network is another group, with other people.',
    remedy: 'Say under Sites which network the repeater is linked to, or choose a repeater of the network you mean.',
  },
  messages: { differs: '{destination} is on {expects}; {site} is linked to {has}.' },
  fixes: {},
  check(index, report) {
    const { plan } = index;
    eachDisagreement(index, 'site-network', 'gateway', (context) => {
      const { channel } = context;
      const site = context.site!;
      const networkId = networkIdOf(channel.destination)!;
      const nameOf = (id: string) => plan.networks.byId[id]!.name;
      const data = {
        destination: callFor(plan, channel.destination!)!.name,
        expects: nameOf(networkId),
        has: nameOf(carriageOf(site)!.networkId!),
        site: site.name,
      };
      report({
        message: 'differs',
        data,
        pointer: channelPointer(context, 'destination', 'networkId'),
        subject: channelSubject(context),
      });
    });
  },
});
