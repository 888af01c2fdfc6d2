/**
 * A DMR handheld with few channels. Figures usual for their kind, from memory: a user corrects them from the manual.
 */
import { kindOf } from '../kind-of';

export const basicDmrHandheld = kindOf({
  id: 'basic-dmr-handheld',
  name: 'Basic DMR handheld',
  modes: ['dmr', 'fm'],
  bands: [[400, 480]],
  powerW: { low: 1, high: 5 },
  limits: {
    channels: 128,
    zones: 16,
    channelsPerZone: 16,
    scanLists: 16,
    channelsPerScanList: 16,
    contacts: 256,
    receiveLists: 32,
    groupsPerReceiveList: 16,
    nameLength: 16,
  },
  letters: 'any',
});
