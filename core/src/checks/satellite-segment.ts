import { formatMHz } from '../units/quantities';
import { satelliteSegmentOf, type Segment } from '../units/segments';
import { defineCheck } from './check';
import { eachHotspotSide, MOVE, moveFixes, sideWords, siteFrequencyPointer, siteWidthHz } from './site-frequency';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

const describe = (hz: number, segment: Segment) => ({
  has: formatMHz(hz),
  segment: segment.name,
  expects: `${formatMHz(segment.lowHz)}–${formatMHz(segment.highHz)}`,
});

export const satelliteSegment = defineCheck({
  id: 'satellite-segment',
  severity: 'broken',
  title: 'Frequency in a satellite segment',
  fact: 'satellite',
  docs: {
    summary:
      'A hotspot sends or listens in a segment kept for amateur satellites, or a channel that is not for satellites transmits there.',
    why: 'Weak signals from satellites are heard there over whole continents; a hotspot drowns them.',
    remedy: 'Move to the nearest clear frequency. Round figures such as the middle of the segment are no safer.',
    source: { kind: 'published', name: 'ITU Radio Regulations 5.282 and the IARU band plans' },
  },
  messages: {
    site: '{site} {is} {has} MHz, in the {segment} ({expects} MHz).',
    channel: 'The channel transmits on {has} MHz, in the {segment} ({expects} MHz).',
  },
  fixes: { move: MOVE, satellite: 'It is a satellite channel' },
  check(index, report) {
    eachHotspotSide(
      index,
      (site, side) => satelliteSegmentOf(site[side], siteWidthHz(index, site)),
      (site, side, segment) =>
        report({
          message: 'site',
          data: { site: site.name, is: sideWords(site, side), ...describe(site[side], segment) },
          pointer: siteFrequencyPointer(site, side),
          subject: { siteId: site.id },
          fixes: moveFixes(index, site),
        }),
    );
    eachDisagreement(index, 'satellite', 'air', (context) => {
      const { channel, site } = context;
      if (site?.kind === 'hotspot' && site.rxHz === channel.txHz) return;
      const segment = satelliteSegmentOf(channel.txHz, index.modes[channel.mode].widthHz(channel))!;
      report({
        message: 'channel',
        data: describe(channel.txHz, segment),
        pointer: channelPointer(context, 'txHz'),
        subject: channelSubject(context),
        fixes: site ? [] : [{ id: 'satellite', patches: [set(channelPointer(context, 'purpose'), 'satellite')] }],
      });
    });
  },
});
