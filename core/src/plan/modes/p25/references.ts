import { checkReach, type ModeReferences } from '../../broken';

/** A site names the networks that it reaches. */
export const references: ModeReferences<'p25'> = {
  networkTables: (network) => [['groups', network.groups]],
  sharedTables: () => [],
  holds(network, destination) {
    if (destination.kind === 'group') return destination.groupId in network.groups.byId;
    return destination.kind === 'special' && network.special[destination.special] !== null;
  },
  channelLinks: [],
  broken: (plan, found) => checkReach(plan, 'p25', found),
};
