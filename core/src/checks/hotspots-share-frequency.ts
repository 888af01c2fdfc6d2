import type { Id } from '../plan/types';
import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { eachHotspotSide, metBy, MOVE, moveFixes, sideWords, siteFrequencyPointer } from './site-frequency';

export const hotspotsShareFrequency = defineCheck({
  id: 'hotspots-share-frequency',
  severity: 'doubtful',
  title: 'Two of your hotspots on one frequency',
  docs: {
    summary: 'Two of your own hotspots use one frequency, or two within a channel width of each other.',
    why: 'Each hears the other, and your radio cannot tell which of them answers.',
    remedy: 'Move one of them, unless they are never on in the same place.',
    source: { kind: 'common practice', name: 'a frequency of its own for each hotspot' },
  },
  messages: { both: '{site} {is} {has} MHz; {other} uses {expects} MHz.' },
  fixes: { move: MOVE },
  check(index, report) {
    const told = new Set<Id>();
    eachHotspotSide(
      index,
      (site, side) =>
        metBy(
          index,
          site,
          side,
          // Told once a pair, at the later of the two.
          (one) => one.kind === 'own hotspot' && one.siteId !== null && told.has(one.siteId),
        ) ?? (told.add(site.id), null),
      (site, side, { siteId, lowHz, highHz }) => {
        told.add(site.id);
        report({
          message: 'both',
          data: {
            site: site.name,
            is: sideWords(site, side),
            has: formatMHz(site[side]),
            other: index.plan.sites.byId[siteId!]!.name,
            expects: formatMHz((lowHz + highHz) / 2),
          },
          pointer: siteFrequencyPointer(site, side),
          subject: { siteId: site.id },
          fixes: moveFixes(index, site),
        });
      },
    );
  },
});
