import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { eachHotspotSide, metBy, MOVE, moveFixes, sideWords, siteFrequencyPointer } from './site-frequency';

export const hotspotOnRepeater = defineCheck({
  id: 'hotspot-on-repeater',
  severity: 'doubtful',
  title: 'Hotspot on a repeater’s frequency',
  docs: {
    summary:
      'A hotspot sends or listens on, or within a channel width of, what a repeater within 50 km sends or listens on. Repeaters of the plan count, and those that imported lists name around the station.',
    why: 'You disturb the repeater’s users, or they open your hotspot.',
    remedy: 'Move the hotspot; listen first whether the new frequency is free.',
    source: { kind: 'from memory', name: 'reach of 50 km; hills and height decide' },
  },
  messages: {
    sends: '{site} {is} {has} MHz; {other} sends on {expects} MHz{far}.',
    listens: '{site} {is} {has} MHz; {other} listens on {expects} MHz{far}.',
  },
  fixes: { move: MOVE },
  check(index, report) {
    eachHotspotSide(
      index,
      (site, side) => metBy(index, site, side, (one) => one.kind !== 'own hotspot'),
      (site, side, { kind, words, lowHz, highHz, distanceM }) =>
        report({
          message: kind === 'site sends' ? 'sends' : 'listens',
          data: {
            site: site.name,
            is: sideWords(site, side),
            has: formatMHz(site[side]),
            other: words,
            expects: formatMHz((lowHz + highHz) / 2),
            far: distanceM === null ? '' : `, ${Math.round(distanceM / 1000)} km away`,
          },
          pointer: siteFrequencyPointer(site, side),
          subject: { siteId: site.id },
          fixes: moveFixes(index, site),
        }),
    );
  },
});
