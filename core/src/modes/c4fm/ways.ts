/** The way out of a room: the number that disconnects, called by a channel or kept in a memory. */
import type { ModeWays } from '../../path/mode-path';
import { reachOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import { roomDigits, roomNetwork, roomNetworks } from './rooms';

export const ways: ModeWays<'c4fm'> = {
  out: (plan, site) =>
    roomNetworks(plan)
      .filter(({ id }) => site.c4fm && reachOf(site.c4fm, id) !== 'not reached')
      .map(({ id }) => ({ mode: 'c4fm', kind: 'disconnect', networkId: id })),
  leaves({ index, channel, codeplug }, destination) {
    if (!('networkId' in destination)) return false;
    const network = roomNetwork(index.plan, destination.networkId);
    const out = network && roomDigits(network.disconnect);
    return channel.c4fm.room === out || rows(codeplug.c4fm.rooms).some((one) => one.number === out);
  },
};
