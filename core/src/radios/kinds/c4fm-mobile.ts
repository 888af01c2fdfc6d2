/**
 * A C4FM radio for a car or a desk that keeps rooms. Figures usual for their kind, from memory: a user corrects them
 * from the manual.
 */
import { kindOf } from '../kind-of';

export const c4fmMobile = kindOf({
  id: 'c4fm-mobile',
  name: 'C4FM mobile',
  modes: ['c4fm', 'fm'],
  bands: [
    [144, 148],
    [430, 450],
  ],
  powerW: { low: 5, middle: 25, high: 50 },
  limits: { channels: 500, zones: 24, channelsPerZone: 100, callSigns: 60, nameLength: 16 },
  letters: 'plain',
  c4fm: { rooms: { categories: 5, perCategory: 20, nameLength: 16 }, dtmfMemories: 9 },
});
