/**
 * The way out of a group that was taken up: the number that unlinks, on each network that the hotspot is logged in to.
 */
import type { ModeWays } from '../../path/mode-path';
import { effectiveProfile } from '../../plan/profiles';
import { dmrNetwork, dmrNetworks } from './networks';

export const ways: ModeWays<'dmr'> = {
  out(plan, site) {
    const logins = effectiveProfile(plan, site.id)?.dmr.logins ?? {};
    return dmrNetworks(plan)
      .filter(({ id, special }) => special.unlink && logins[id]?.enabled)
      .map(({ id }) => ({ mode: 'dmr', kind: 'special', networkId: id, special: 'unlink' }));
  },
  leaves({ index, arrives }, destination) {
    if (destination.mode !== 'dmr' || destination.kind !== 'special' || !arrives) return false;
    const unlink = dmrNetwork(index.plan, destination.networkId)?.special.unlink;
    return (
      arrives.networkId === destination.networkId && arrives.number === unlink?.number && arrives.kind === unlink.kind
    );
  },
};
