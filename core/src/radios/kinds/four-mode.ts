/**
 * A handheld that speaks DMR, D-STAR, C4FM and P25. Figures usual for their kind, from memory: a user corrects them
 * from the manual.
 */
import { kindOf } from '../kind-of';

export const fourMode = kindOf({
  id: 'four-mode',
  name: 'Four-mode handheld',
  modes: ['dmr', 'dstar', 'c4fm', 'p25', 'fm'],
  bands: [
    [136, 174],
    [400, 480],
  ],
  powerW: { low: 1, high: 5 },
  limits: {
    channels: 4000,
    zones: 250,
    channelsPerZone: 64,
    contacts: 50000,
    receiveLists: 250,
    groupsPerReceiveList: 32,
    nameLength: 16,
  },
});
