import { checkReach, type ModeReferences } from '../../plan/broken';

export const references: ModeReferences<'p25'> = {
  tables: (network) => [['groups', network.groups]],
  holds: (network, destination) => (destination.kind === 'p25-group' ? destination.groupId in network.groups.byId : destination.kind === 'p25-special' && network.special[destination.special] !== null),
  broken: (plan, found) => checkReach(plan, 'p25', found),
};
