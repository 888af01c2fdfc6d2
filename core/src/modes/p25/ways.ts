/** The way out of a group: the one that unlinks. */
import type { ModeWays } from '../../path/mode-path';
import { reachOf } from '../../plan/sites';
import { p25Network, p25Networks } from './links';

export const ways: ModeWays<'p25'> = {
  out: (plan, site) =>
    p25Networks(plan)
      .filter(({ id, special }) => special.unlink !== null && site.p25 && reachOf(site.p25, id) !== 'not reached')
      .map(({ id }) => ({ mode: 'p25', kind: 'special', networkId: id, special: 'unlink' })),
  leaves: ({ index, channel }, destination) =>
    'networkId' in destination && channel.p25.group === p25Network(index.plan, destination.networkId)?.special.unlink,
};
