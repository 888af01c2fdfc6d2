import { effectiveProfile } from '../plan/profiles';
import { legBetween } from '../units/geo/geodesic';
import { rows } from '../plan/table';
import type { Plan, Position, Site } from '../plan/types';
import { formatMHz } from '../units/quantities';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';

/** Within this distance of each other two sites may both be heard, metres. From memory; hills and height decide. */
const REACH_M = 100_000;

function positionOf(plan: Plan, site: Site): Position | null {
  return site.kind === 'repeater' ? site.listing.position : (effectiveProfile(plan, site.id)?.location ?? null);
}

/** What opens a site: two with the same cannot be told apart by it. */
function accessOf(site: Site): string[] {
  return [
    ...(site.dmr ? [`color code ${site.dmr.colorCode}`] : []),
    ...(site.fm ? [site.fm.toneIn === null ? 'no tone' : `tone ${site.fm.toneIn}`] : []),
  ];
}

export const sitesShareFrequency = defineCheck({
  id: 'sites-share-frequency',
  severity: 'doubtful',
  title: 'Two sites share frequency and code within reach',
  docs: {
    summary: 'Two sites of the plan send on one frequency with the same color code or tone, near each other.',
    why: 'You may open the other one, or both at once, and not know which you hear.',
    remedy: 'Check both against another list; move your own hotspot away if it is one of them.',
    source: { kind: 'from memory', name: 'reach of 100 km' },
  },
  messages: {
    both: '{site} and {other} both send on {has} MHz with {access}, {km} km from each other; expected one of them elsewhere.',
  },
  fixes: {},
  check(index, report) {
    const byFrequency = new Map<number, Site[]>();
    for (const site of rows(index.plan.sites)) {
      for (const other of byFrequency.get(site.txHz) ?? []) {
        const [here, there] = [positionOf(index.plan, site), positionOf(index.plan, other)];
        const access = accessOf(site).find((one) => accessOf(other).includes(one));
        if (!here || !there || access === undefined) continue;
        const { distanceM } = legBetween(here, there);
        if (distanceM > REACH_M) continue;
        const data = {
          site: site.name,
          other: other.name,
          has: formatMHz(site.txHz),
          access,
          km: Math.round(distanceM / 1000),
        };
        report({
          message: 'both',
          data,
          pointer: toPointer(['sites', 'byId', site.id, 'txHz']),
          subject: { siteId: site.id },
        });
      }
      byFrequency.set(site.txHz, [...(byFrequency.get(site.txHz) ?? []), site]);
    }
  },
});
