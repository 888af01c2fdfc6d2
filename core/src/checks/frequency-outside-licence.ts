import { amateurBandOf, type Band, licenceBands, REGION_NAMES } from '../units/bands';
import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { eachHotspotSide, MOVE, moveFixes, sideWords, siteFrequencyPointer, siteWidthHz } from './site-frequency';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const frequencyOutsideLicence = defineCheck({
  id: 'frequency-outside-licence',
  severity: 'broken',
  title: 'Frequency outside the amateur bands of the licence',
  fact: 'licence-band',
  docs: {
    summary:
      'A hotspot would send or listen, or a channel would transmit, wholly or in part, outside the bands of the station’s licence.',
    why: 'Transmitting there is not covered by an amateur licence and can disturb other services.',
    remedy:
      'Choose a frequency inside the band. The bands are the region’s, with your country’s edges where they are entered under Station: your national rules decide.',
    source: { kind: 'published', name: 'ITU Radio Regulations, Article 5' },
  },
  messages: {
    site: '{site} {is} {has} MHz; the nearest amateur band of {region} is {expects} MHz.',
    channel: 'The channel transmits on {has} MHz; the nearest amateur band of {region} is {expects} MHz.',
  },
  fixes: { move: MOVE, receive: 'It is only for receiving' },
  check(index, report) {
    const { station } = index.plan;
    const nearest = (hz: number) => {
      const away = (band: Band) => Math.max(band.lowHz - hz, hz - band.highHz);
      const [band] = [...licenceBands(station)].sort((a, b) => away(a) - away(b));
      return band ? `${band.name}, ${formatMHz(band.lowHz)}–${formatMHz(band.highHz)}` : 'none:';
    };
    const region =
      Object.keys(station.edges).length > 0
        ? `${REGION_NAMES[station.region]}, as your country has them,`
        : REGION_NAMES[station.region];
    eachHotspotSide(
      index,
      (site, side) => (amateurBandOf(site[side], siteWidthHz(index, site), station) ? null : side),
      (site, side) =>
        report({
          message: 'site',
          data: {
            site: site.name,
            is: sideWords(site, side),
            has: formatMHz(site[side]),
            expects: nearest(site[side]),
            region,
          },
          pointer: siteFrequencyPointer(site, side),
          subject: { siteId: site.id },
          fixes: moveFixes(index, site),
        }),
    );
    eachDisagreement(index, 'licence-band', 'air', (context, fact) => {
      const { site, channel } = context;
      if (site?.kind === 'hotspot' && site.rxHz === channel.txHz) return;
      report({
        message: 'channel',
        data: { has: formatMHz(fact.has), expects: nearest(fact.has), region },
        pointer: channelPointer(context, 'txHz'),
        subject: channelSubject(context),
        fixes: site ? [] : [{ id: 'receive', patches: [set(channelPointer(context, 'purpose'), 'receive only')] }],
      });
    });
  },
});
