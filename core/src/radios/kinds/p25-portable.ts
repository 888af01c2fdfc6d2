/**
 * A P25 portable as services have them. Figures usual for their kind, from memory: a user corrects them from the
 * manual.
 */
import { kindOf } from '../kind-of';

export const p25Portable = kindOf({
  id: 'p25-portable',
  name: 'P25 portable',
  modes: ['p25', 'fm'],
  bands: [[136, 174]],
  powerW: { low: 1, high: 5 },
  limits: { channels: 512, zones: 32, channelsPerZone: 16, scanLists: 16, channelsPerScanList: 16, nameLength: 14 },
  letters: 'capitals',
});
