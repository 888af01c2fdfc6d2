import { levelAtSiteDbm } from '../path/common-facts';
import { lowestOf } from '../plan/power';
import { formatDbm } from '../units/quantities';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const highPowerNearHotspot = defineCheck({
  id: 'high-power-near-hotspot',
  severity: 'doubtful',
  title: 'Too much power for a hotspot this close',
  fact: 'level',
  docs: {
    summary: 'The level at the hotspot’s receiver is above what it takes without distortion.',
    why: 'An overdriven receiver garbles the voice and raises the bit error rate; you also expose yourself to more field than the contact needs.',
    remedy:
      'Use low power, or move away. Distance and limit are settings of the hotspot. Keep to the local rules on RF exposure.',
    source: { kind: 'published', name: 'ITU-R P.525 for the level; the limit itself is a setting, from memory' },
  },
  messages: {
    high: 'At {distance} m the hotspot receives {has}; it takes {expects}. {step} gives {low}.',
    unknown: 'At {distance} m the hotspot receives {has}; it takes {expects}. How much {step} is has not been said.',
  },
  fixes: { low: 'Set the channel to the least power' },
  check(index, report) {
    eachDisagreement(index, 'level', 'air', (context, fact) => {
      const { channel, radio } = context;
      const site = context.site!;
      const lowDbm = levelAtSiteDbm({ radio, site, channel: { ...channel, power: lowestOf(radio) } });
      const pointer = channelPointer(context, 'power');
      const data = {
        distance: site.distanceM,
        has: formatDbm(Number(fact.has)),
        expects: formatDbm(site.maxInputDbm),
        step: `“${lowestOf(radio)}”`,
      };
      report({
        ...(lowDbm === null
          ? { message: 'unknown', data }
          : { message: 'high', data: { ...data, low: formatDbm(lowDbm) } }),
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'low', patches: [set(pointer, lowestOf(radio))] }],
      });
    });
  },
});
