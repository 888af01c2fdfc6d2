import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { networkIdOf } from '../../../plan/networks';
import { toPointer } from '../../../plan/patches';
import { carriageOf } from '../carriage';
import { callFor } from '../links';
import { eachDisagreement } from './walk';

export const repeaterNetworkDiffers = defineCheck({
  id: 'repeater-network-differs',
  severity: 'broken',
  title: 'The repeater is on another network, or on one that nobody has named',
  fact: 'site-network',
  docs: {
    summary:
      'A channel is meant for a network that its repeater is not linked to, or the plan does not say which it is linked to.',
    why: 'The same number on another network is another group, with other people.',
    remedy: 'Say under Sites which network the repeater is linked to, or choose a repeater of the network you mean.',
  },
  messages: {
    differs: '{destination} is on {expects}; {site} is linked to {has}.',
    unknown: 'The plan does not say which network {site} is linked to.',
  },
  fixes: { link: '{site} is linked to {network}' },
  check(index, report) {
    const { plan } = index;
    const told = new Set<string>();
    eachDisagreement(index, 'site-network', 'gateway', (context) => {
      const { channel } = context;
      const site = context.site!;
      const networkId = networkIdOf(channel.destination);
      const carriage = carriageOf(site)!;
      const wanted = networkId ?? (plan.networks.order.length === 1 ? plan.networks.order[0]! : null);
      const nameOf = (id: string) => plan.networks.byId[id]!.name;
      if (carriage.networkId === null) {
        if (told.has(site.id)) return;
        told.add(site.id);
        const pointer = toPointer(['sites', 'byId', site.id, 'dmr', 'carries', 'networkId']);
        const fixes =
          wanted === null
            ? []
            : [
                {
                  id: 'link' as const,
                  data: { site: site.name, network: nameOf(wanted) },
                  patches: [set(pointer, wanted)],
                },
              ];
        report({ message: 'unknown', data: { site: site.name }, pointer, subject: { siteId: site.id }, fixes });
        return;
      }
      const data = {
        destination: callFor(plan, channel.destination!)!.name,
        expects: nameOf(networkId!),
        has: nameOf(carriage.networkId),
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
