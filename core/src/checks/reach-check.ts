/** The plan does not say which networks of a mode a site reaches, and a channel is meant for one: told alike in each mode. */
import { networkName } from '../plan/networks';
import { toPointer } from '../plan/patches';
import type { Id, ModeId } from '../plan/types';
import { type Check, type CheckDocs, defineCheck } from './check';
import { channelSubject, disagreementsIn } from './walk';

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
  const each = disagreementsIn(mode);
  return defineCheck({
    id,
    severity: 'doubtful',
    title,
    fact: key,
    docs,
    messages: { unsaid: 'Nobody has said whether {site} reaches {expects}.' },
    fixes: { reaches: '{site} reaches {expects}' },
    check(index, report) {
      each(index, key, 'gateway', (context, fact) => {
        if (fact.state !== 'doubtful') return;
        const site = context.site!;
        const pointer = toPointer(['sites', 'byId', site.id, mode, 'networkIds']);
        const [networkId] = fact.expects as readonly [Id];
        report({
          message: 'unsaid',
          data: { site: site.name, expects: networkName(index.plan, networkId) },
          pointer,
          subject: channelSubject(context),
          fixes: [{ id: 'reaches', patches: [{ op: 'add', path: `${pointer}/-`, value: networkId }] }],
        });
      });
    },
  });
}
