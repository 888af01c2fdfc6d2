import type { ModeReferences } from '../../broken';

/** Sites and profiles name families by their letters, so that nothing but a destination links to a row. */
export const references: ModeReferences<'dstar'> = {
  networkTables: (network) => [['reflectors', network.reflectors]],
  sharedTables: () => [],
  holds: (network, destination) =>
    destination.kind === 'reflector' && destination.reflectorId in network.reflectors.byId,
  channelLinks: [],
  broken: () => undefined,
};
