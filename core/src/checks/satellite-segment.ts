import { rows } from '../plan/table';
import { satelliteSegmentOf } from '../units/bands';
import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { clearOfHz, moveSite, siteFrequencyPointer, siteWidthHz } from './site-frequency';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const satelliteSegment = defineCheck({
  id: 'satellite-segment',
  severity: 'broken',
  title: 'Frequency in a satellite segment',
  fact: 'satellite',
  docs: {
    summary: 'A hotspot or channel would transmit in a segment kept for amateur satellites.',
    why: 'Weak signals from satellites are heard there over whole continents; a hotspot drowns them.',
    remedy: 'Move to the nearest clear frequency. Round figures such as the middle of the segment are no safer.',
    source: { kind: 'published', name: 'ITU Radio Regulations 5.282 and the IARU band plans' },
  },
  messages: {
    site: '{site} is on {has} MHz, in the {segment} ({expects} MHz).',
    channel: 'The channel transmits on {has} MHz, in the {segment} ({expects} MHz).',
  },
  fixes: { move: 'Move {site} and its channels to {clear} MHz' },
  check(index, report) {
    const describe = (hz: number, widthHz: number) => {
      const segment = satelliteSegmentOf(hz, widthHz)!;
      return {
        has: formatMHz(hz),
        segment: segment.name,
        expects: `${formatMHz(segment.lowHz)}–${formatMHz(segment.highHz)}`,
      };
    };
    for (const site of rows(index.plan.sites)) {
      if (site.kind !== 'hotspot' || !satelliteSegmentOf(site.txHz, siteWidthHz(index, site))) continue;
      const clear = clearOfHz(index, site);
      const fixes =
        clear === null
          ? []
          : [
              {
                id: 'move' as const,
                data: { site: site.name, clear: formatMHz(clear) },
                patches: moveSite(index, site, clear),
              },
            ];
      report({
        message: 'site',
        data: { site: site.name, ...describe(site.txHz, siteWidthHz(index, site)) },
        pointer: siteFrequencyPointer(site),
        subject: { siteId: site.id },
        fixes,
      });
    }
    eachDisagreement(index, 'satellite', 'air', (context) => {
      const { channel, site } = context;
      if (site?.kind === 'hotspot' && site.rxHz === channel.txHz) return;
      report({
        message: 'channel',
        data: describe(channel.txHz, index.modes[channel.mode].widthHz(channel)),
        pointer: channelPointer(context, 'txHz'),
        subject: channelSubject(context),
      });
    });
  },
});
