/**
 * A D-STAR radio for a car or a desk, with a list of repeaters. Figures usual for their kind, from memory: a user
 * corrects them from the manual.
 */
import { kindOf } from '../kind-of';

export const dstarMobile = kindOf({
  id: 'dstar-mobile',
  name: 'D-STAR mobile',
  modes: ['dstar', 'fm'],
  bands: [
    [144, 148],
    [430, 450],
  ],
  powerW: { low: 5, middle: 15, high: 50 },
  limits: { channels: 1000, zones: 26, channelsPerZone: 100, callSigns: 300, nameLength: 16 },
  letters: 'plain',
  dstar: { siteList: { sites: 2500, groups: 50, nameLength: 16, nearSearch: true } },
});
