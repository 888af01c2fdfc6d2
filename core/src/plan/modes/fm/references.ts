import type { ModeReferences } from '../../broken';

/** FM names nothing elsewhere in the plan. */
export const references: ModeReferences<'fm'> = {
  networkTables: () => [],
  sharedTables: () => [],
  holds: () => false,
  channelLinks: [],
  broken: () => undefined,
};
