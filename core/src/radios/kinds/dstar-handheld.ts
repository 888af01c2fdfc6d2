/**
 * A D-STAR handheld of two bands, with a list of repeaters. Figures usual for their kind, from memory: a user
 * corrects them from the manual.
 */
import { kindOf } from '../kind-of';

export const dstarHandheld = kindOf({
  id: 'dstar-handheld',
  name: 'D-STAR handheld',
  modes: ['dstar', 'fm'],
  bands: [
    [144, 148],
    [430, 450],
  ],
  powerW: { minimum: 0.1, low: 0.5, middle: 2.5, high: 5 },
  limits: { channels: 1000, zones: 26, channelsPerZone: 100, callSigns: 200, nameLength: 16 },
  letters: 'plain',
  dstar: { siteList: { sites: 1500, groups: 50, nameLength: 16, nearSearch: true } },
});
