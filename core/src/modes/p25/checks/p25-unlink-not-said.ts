import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import type { TracedPath } from '../../../path/types';
import { toPointer } from '../../../plan/patches';
import type { Destination } from '../../../plan/types';
import { groupFor, p25Networks } from '../links';
import { UNLINK_GROUP } from '../../../plan/modes/p25/limits';

const calledBy = ({ context: { channel } }: TracedPath): Destination | null =>
  channel.destination?.mode === 'p25' ? channel.destination : null;

export const p25UnlinkNotSaid = defineCheck({
  id: 'p25-unlink-not-said',
  severity: 'doubtful',
  title: 'No unlink group is set for this P25 network',
  docs: {
    summary: 'Channels call groups of a P25 network for which no unlink group is set.',
    why: 'The builder cannot make the way out: the site stays linked to what was called last.',
    remedy: 'Set the group that unlinks; commonly it is 9999.',
    source: { kind: 'common practice', name: '9999 unlinks' },
  },
  messages: { none: '{network} has no unlink group; commonly it is 9999.' },
  fixes: { set: 'Set it to 9999' },
  check(index, report) {
    const unsaid = p25Networks(index.plan).filter(({ special }) => special.unlink === null);
    if (unsaid.length === 0) return;
    const used = new Set(index.ofPaths(calledBy).map((to) => groupFor(index.plan, to)?.network.id));
    for (const network of unsaid) {
      if (!used.has(network.id)) continue;
      const pointer = toPointer(['networks', 'byId', network.id, 'special', 'unlink']);
      report({
        message: 'none',
        data: { network: network.name },
        pointer,
        subject: { networkId: network.id },
        fixes: [{ id: 'set', patches: [set(pointer, UNLINK_GROUP)] }],
      });
    }
  },
});
