/**
 * A DMR handheld of two bands with room for whole directories. Figures usual for their kind, from memory: a user
 * corrects them from the manual.
 */
import { kindOf } from '../kind-of';

export const largeDmrHandheld = kindOf({
  id: 'large-dmr-handheld',
  name: 'Large DMR handheld',
  modes: ['dmr', 'fm'],
  bands: [
    [136, 174],
    [400, 480],
  ],
  powerW: { low: 1, high: 5 },
  limits: {
    channels: 4000,
    zones: 250,
    channelsPerZone: 16,
    scanLists: 250,
    channelsPerScanList: 50,
    contacts: 50000,
    receiveLists: 250,
    groupsPerReceiveList: 32,
    nameLength: 16,
  },
  letters: 'any',
});
