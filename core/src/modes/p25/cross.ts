/** P25 where a hotspot carries its calls to another mode's network, or another's to a P25 network. */
import type { ModeCross } from '../../path/mode-path';
import { GROUP_MAX } from '../../plan/modes/p25/limits';
import { groupFor } from './links';

export const cross: ModeCross<'p25'> = {
  asked: ({ p25 }) => String(p25.group),
  ask: ({ p25 }, digits) => void (p25.group = Number(digits)),
  most: GROUP_MAX,
  entry(plan, destination) {
    const wanted = destination.kind === 'group' ? groupFor(plan, destination) : null;
    return wanted && { digits: String(wanted.number), name: wanted.name };
  },
  arrival: (networkId, digits) => ({ mode: 'p25', kind: 'group', networkId, group: Number(digits) }),
  gaps: (_index, site, networkId) => (site.p25?.networkIds.includes(networkId) ? [] : ['reach']),
};
