import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { networkIdOf } from '../../../plan/networks';
import { toPointer } from '../../../plan/patches';
import type { Id } from '../../../plan/types';
import { likelyNetwork } from '../networks';
import { eachNote } from './walk';

export const repeaterNetworkUnsaid = defineCheck({
  id: 'repeater-network-unsaid',
  severity: 'note',
  title: 'Nobody has said which network the repeater is on',
  fact: 'site-network',
  docs: {
    summary: 'A channel goes through a repeater of which neither a list nor you have said the network.',
    why: 'The same number on another network is another group, with other people.',
    remedy: 'Say under Sites which network the repeater is linked to; its keeper knows.',
  },
  messages: {
    unknown: 'Nobody has said which network {site} is linked to.',
    meant:
      'Nobody has said which network {site} is linked to; {network} is a guess, since channels through it are meant for that.',
    likely:
      'Nobody has said which network {site} is linked to; {network} is a guess, since it knows most of its groups.',
  },
  fixes: { link: '{site} is linked to {network}' },
  check(index, report) {
    const { plan } = index;
    const wanted = new Map<Id, Set<Id>>();
    eachNote(index, 'site-network', 'gateway', ({ site, channel }) => {
      const ids = wanted.get(site!.id) ?? new Set<Id>();
      const id = networkIdOf(channel.destination);
      wanted.set(site!.id, id === null ? ids : ids.add(id));
    });
    for (const [siteId, ids] of wanted) {
      const pointer = toPointer(['sites', 'byId', siteId, 'dmr', 'carries', 'networkId']);
      const site = plan.sites.byId[siteId]!;
      // The one that all its channels are meant for, else the one that knows its groups.
      const guess = ids.size === 1 ? [...ids][0]! : (likelyNetwork(plan, site.dmr?.carries?.groups ?? [])?.id ?? null);
      report({
        message: guess === null ? 'unknown' : ids.size === 1 ? 'meant' : 'likely',
        data: { site: site.name, network: guess === null ? '' : plan.networks.byId[guess]!.name },
        pointer,
        subject: { siteId },
        fixes: guess === null ? [] : [{ id: 'link', patches: [set(pointer, guess)] }],
      });
    }
  },
});
