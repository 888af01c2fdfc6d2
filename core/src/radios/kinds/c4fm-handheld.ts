/**
 * A C4FM handheld of two bands that keeps rooms. Figures usual for their kind, from memory: a user corrects them from
 * the manual.
 */
import { kindOf } from '../kind-of';

export const c4fmHandheld = kindOf({
  id: 'c4fm-handheld',
  name: 'C4FM handheld',
  modes: ['c4fm', 'fm'],
  bands: [
    [144, 148],
    [430, 450],
  ],
  powerW: { minimum: 0.3, low: 1, middle: 2.5, high: 5 },
  limits: { channels: 900, zones: 24, channelsPerZone: 100, callSigns: 60, nameLength: 16 },
  letters: 'plain',
  c4fm: { rooms: { categories: 5, perCategory: 20, nameLength: 16 }, dtmfMemories: 9 },
});
