import { hotspotsOf } from '../plan/sites';
import { formatMHz, formatShiftMHz } from '../units/quantities';
import { leastSplitHz, usualShiftsHz } from '../units/shifts';
import type { PlanIndex } from '../path/types';
import type { Hotspot } from '../plan/types';
import { defineCheck } from './check';
import { clearOfHz, moveSite, siteFrequencyPointer } from './site-frequency';

/** The press that gives a hotspot a pair far enough apart: a usual shift, the way it has its two frequencies now if that can be. */
function apartFixes(index: PlanIndex, site: Hotspot, leastHz: number) {
  const way = Math.sign(site.rxHz - site.txHz);
  const shifts = [leastHz, -leastHz, ...(usualShiftsHz(site.txHz, site.rxHz, index.plan.station.region) ?? [])];
  const rank = (shift: number) => (Math.sign(shift) === way ? 0 : 1e9) + Math.abs(shift);
  for (const shiftHz of shifts.sort((a, b) => rank(a) - rank(b))) {
    const clear = clearOfHz(index, site, shiftHz);
    if (clear === null) continue;
    const data = { site: site.name, clear: formatMHz(clear), listens: formatMHz(clear + shiftHz) };
    return [{ id: 'apart' as const, data, patches: moveSite(index, site, clear, shiftHz) }];
  }
  return [];
}

export const duplexSplitSmall = defineCheck({
  id: 'duplex-split-small',
  severity: 'doubtful',
  title: 'A duplex hotspot’s two frequencies are too close',
  docs: {
    summary: 'A duplex hotspot sends closer to what it listens on than repeaters of that band do.',
    why: 'Its own signal deafens its receiver while it sends.',
    remedy: 'Choose a pair further apart, as repeaters of the band have it; small aerials side by side need even more.',
    source: {
      kind: 'common practice',
      name: 'the smallest shift of repeaters in the band: 0.6 MHz on 2 m, 1.6 on 70 cm, 6 on 23 cm',
    },
  },
  messages: { close: '{site} sends on {has} MHz and listens {split} MHz from there; expected at least {expects} MHz.' },
  fixes: { apart: 'Move {site} and its channels to {clear} MHz, listening on {listens} MHz' },
  check(index, report) {
    for (const site of hotspotsOf(index.plan)) {
      const split = site.rxHz - site.txHz;
      const least = leastSplitHz(site.txHz, site.rxHz);
      if (split === 0 || least === null || Math.abs(split) >= least) continue;
      report({
        message: 'close',
        data: {
          site: site.name,
          has: formatMHz(site.txHz),
          split: formatShiftMHz(split),
          expects: formatShiftMHz(least).replace('+', ''),
        },
        pointer: siteFrequencyPointer(site, 'rxHz'),
        subject: { siteId: site.id },
        fixes: apartFixes(index, site, least),
      });
    }
  },
});
