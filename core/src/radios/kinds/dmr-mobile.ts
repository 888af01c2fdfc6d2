/** A DMR radio for a car or a desk. Figures usual for their kind, from memory: a user corrects them from the manual. */
import { kindOf } from '../kind-of';

export const dmrMobile = kindOf({
  id: 'dmr-mobile',
  name: 'DMR mobile',
  modes: ['dmr', 'fm'],
  bands: [
    [136, 174],
    [400, 480],
  ],
  powerW: { low: 10, middle: 25, high: 50 },
  limits: {
    channels: 4000,
    zones: 250,
    channelsPerZone: 160,
    scanLists: 250,
    channelsPerScanList: 50,
    contacts: 200000,
    receiveLists: 250,
    groupsPerReceiveList: 64,
    nameLength: 16,
  },
  letters: 'any',
});
