import { lowestOf, wattsOf } from '../plan/power';
import { toPointer } from '../plan/patches';
import { distanceForLevelM } from '../units/free-space';
import { formatDbm } from '../units/quantities';
import { defineCheck } from './check';
import { eachNoted } from './walk';

export const closeToHotspot = defineCheck({
  id: 'close-to-hotspot',
  severity: 'note',
  title: 'Close to the hotspot, even with low power',
  fact: 'level',
  docs: {
    summary: 'The lowest power of a radio is more than its hotspot’s receiver takes at the distance that is entered.',
    why: 'An overdriven receiver garbles the voice and raises the bit error rate.',
    remedy:
      'Stand further away, or correct the distance and what the receiver takes under Hotspots. Watch the bit error rate: it decides.',
    source: { kind: 'published', name: 'ITU-R P.525 for the level; the limit itself is a setting, from memory' },
  },
  messages: {
    even: 'At {distance} m even the low power of {radio} gives {site} {has}; it takes {expects}. Stand {away} m away.',
  },
  fixes: {},
  check(index, report) {
    const told = new Set<string>();
    eachNoted(index, 'level', 'air', ({ radio, channel, site }, fact) => {
      const key = `${radio.id} ${site!.id}`;
      if (told.has(key)) return;
      told.add(key);
      report({
        message: 'even',
        data: {
          distance: site!.distanceM,
          radio: radio.name,
          site: site!.name,
          has: formatDbm(Number(fact.has)),
          expects: formatDbm(site!.maxInputDbm),
          away: Math.ceil(distanceForLevelM(wattsOf(radio, lowestOf(radio))!, channel.txHz, site!.maxInputDbm)),
        },
        pointer: toPointer(['sites', 'byId', site!.id, 'distanceM']),
        subject: { radioId: radio.id, siteId: site!.id },
      });
    });
  },
});
