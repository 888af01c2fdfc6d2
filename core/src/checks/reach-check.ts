/** The plan does not say which networks of a mode a site reaches, and a channel is meant for one: told alike in each mode. */
import { networkName } from '../plan/networks';
import { toPointer } from '../plan/patches';
import type { Id, ModeId } from '../plan/types';
import { type Check, type CheckDocs, defineCheck } from './check';
import { notesIn, set } from './walk';

export interface ReachCheck {
  id: string;
  title: string;
  docs: CheckDocs;
  /** A mode whose block at a site has `networkIds`. */
  mode: ModeId;
  /** The pair of the networks that are reached and the one that is meant. */
  fact: 'p25-network' | 'room-network';
}

/** A check of reach, from what is its own. The press says that the site reaches the network that is meant. */
export function reachCheck({ id, title, docs, mode, fact: key }: ReachCheck): Check {
  const each = notesIn(mode);
  return defineCheck({
    id,
    severity: 'note',
    title,
    fact: key,
    docs,
    messages: { unsaid: 'Nobody has said whether {site} reaches {expects}.' },
    fixes: { reaches: '{site} reaches {expects}' },
    check(index, report) {
      const sites = new Map<Id, { name: string; ids: Set<Id> }>();
      each(index, key, 'gateway', (context, fact) => {
        const [networkId] = fact.expects as readonly [Id];
        const known = sites.get(context.site!.id) ?? { name: context.site!.name, ids: new Set<Id>() };
        sites.set(context.site!.id, known);
        known.ids.add(networkId);
      });
      // Told once a site: to say one network of several would say that the others are not reached.
      for (const [siteId, { name, ids }] of sites) {
        const pointer = toPointer(['sites', 'byId', siteId, mode, 'networkIds']);
        report({
          message: 'unsaid',
          data: { site: name, expects: [...ids].map((id) => networkName(index.plan, id)).join(' and ') },
          pointer,
          subject: { siteId },
          fixes: [{ id: 'reaches', patches: [set(pointer, [...ids])] }],
        });
      }
    },
  });
}
