import { formatMHz } from '../units/quantities';
import { keptSegmentOf } from '../units/segments';
import { defineCheck } from './check';
import { eachHotspotSide, MOVE, moveFixes, sideWords, siteFrequencyPointer, siteWidthHz } from './site-frequency';

export const hotspotOnKeptFrequency = defineCheck({
  id: 'hotspot-on-kept-frequency',
  severity: 'doubtful',
  title: 'Hotspot where others call',
  docs: {
    summary:
      'A hotspot is on a calling frequency, or among beacons, weak signals or position reports, by the region’s band plan.',
    why: 'Everybody listens there; a hotspot that sends for minutes keeps them from it.',
    remedy:
      'Move the hotspot. If your national band plan has that part elsewhere, correct the list under Station: then nothing is said.',
    source: { kind: 'from memory', name: 'the IARU band plans, by region' },
  },
  messages: { on: '{site} {is} {has} MHz; {expects} MHz is kept for {segment}.' },
  fixes: { move: MOVE },
  check(index, report) {
    eachHotspotSide(
      index,
      (site, side) => keptSegmentOf(site[side], siteWidthHz(index, site), index.plan.station),
      (site, side, { name, lowHz, highHz }) =>
        report({
          message: 'on',
          data: {
            site: site.name,
            is: sideWords(site, side),
            has: formatMHz(site[side]),
            segment: name,
            expects: `${formatMHz(lowHz)}–${formatMHz(highHz)}`,
          },
          pointer: siteFrequencyPointer(site, side),
          subject: { siteId: site.id },
          fixes: moveFixes(index, site),
        }),
    );
  },
});
