import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { siteFrequencyPointer } from './site-frequency';
import { eachSharedFrequency } from './shared-frequency';

export const sitesMayShareFrequency = defineCheck({
  id: 'sites-may-share-frequency',
  severity: 'note',
  title: 'Two repeaters share frequency and code, and one has no position',
  docs: {
    summary:
      'Two repeaters of the plan send on one frequency with the same color code, tone or other access, and it is not said how far they are apart.',
    why: 'If they are near each other, you may open the other one and not know which you hear.',
    remedy: 'Give them positions, or compare another list.',
    source: { kind: 'common practice', name: 'frequencies are used again out of reach' },
  },
  messages: { both: '{site} and {other} both send on {has} MHz with {access}; how far apart they are is not said.' },
  fixes: {},
  check(index, report) {
    eachSharedFrequency(index, ({ site, other, access, distanceM }) => {
      if (distanceM !== null) return;
      report({
        message: 'both',
        data: { site: site.name, other: other.name, has: formatMHz(site.txHz), access },
        pointer: siteFrequencyPointer(site),
        subject: { siteId: site.id },
      });
    });
  },
});
