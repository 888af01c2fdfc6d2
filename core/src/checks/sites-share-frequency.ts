import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { siteFrequencyPointer } from './site-frequency';
import { eachSharedFrequency } from './shared-frequency';

export const sitesShareFrequency = defineCheck({
  id: 'sites-share-frequency',
  severity: 'doubtful',
  title: 'Two repeaters share frequency and code within reach',
  docs: {
    summary:
      'Two repeaters of the plan send on one frequency with the same color code, tone or other access, near each other.',
    why: 'You may open the other one, or both at once, and not know which you hear.',
    remedy: 'Check both against another list: mostly one entry is old.',
    source: { kind: 'from memory', name: 'reach of 100 km; hills and height decide' },
  },
  messages: {
    both: '{site} and {other} both send on {has} MHz with {access}, {km} km from each other; expected one of them elsewhere.',
  },
  fixes: {},
  check(index, report) {
    eachSharedFrequency(index, ({ site, other, access, distanceM }) => {
      if (distanceM === null) return;
      report({
        message: 'both',
        data: {
          site: site.name,
          other: other.name,
          has: formatMHz(site.txHz),
          access,
          km: Math.round(distanceM / 1000),
        },
        pointer: siteFrequencyPointer(site),
        subject: { siteId: site.id },
      });
    });
  },
});
