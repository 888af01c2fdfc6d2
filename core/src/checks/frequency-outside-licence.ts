import { amateurBandOf, amateurBands, REGION_NAMES } from '../units/bands';
import { formatMHz } from '../units/quantities';
import { rows } from '../plan/table';
import { defineCheck } from './check';
import { clearOfHz, moveSite, siteFrequencyPointer, siteWidthHz } from './site-frequency';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const frequencyOutsideLicence = defineCheck({
  id: 'frequency-outside-licence',
  severity: 'broken',
  title: 'Frequency outside the amateur bands of the licence region',
  fact: 'licence-band',
  docs: {
    summary: 'A hotspot or channel would transmit, wholly or in part, outside the bands of the station’s region.',
    why: 'Transmitting there is not covered by an amateur licence and can disturb other services.',
    remedy: 'Choose a frequency inside the band. Your national rules may be narrower than the region’s: they decide.',
    source: { kind: 'published', name: 'ITU Radio Regulations, Article 5' },
  },
  messages: {
    site: '{site} is on {has} MHz; the amateur bands of {region} are {expects} MHz.',
    channel: 'The channel transmits on {has} MHz; the amateur bands of {region} are {expects} MHz.',
  },
  fixes: { move: 'Move {site} and its channels to {clear} MHz' },
  check(index, report) {
    const { region } = index.plan.station;
    const expects = amateurBands(region)
      .map((band) => `${formatMHz(band.lowHz)}–${formatMHz(band.highHz)}`)
      .join(', ');
    for (const site of rows(index.plan.sites)) {
      if (site.kind !== 'hotspot' || amateurBandOf(site.txHz, siteWidthHz(index, site), region)) continue;
      const clear = clearOfHz(index, site);
      const data = { site: site.name, has: formatMHz(site.txHz), expects, region: REGION_NAMES[region] };
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
      report({ message: 'site', data, pointer: siteFrequencyPointer(site), subject: { siteId: site.id }, fixes });
    }
    eachDisagreement(index, 'licence-band', 'air', (context, fact) => {
      if (context.site?.kind === 'hotspot' && context.site.rxHz === context.channel.txHz) return;
      const data = { has: formatMHz(Number(fact.has)), expects, region: REGION_NAMES[region] };
      report({ message: 'channel', data, pointer: channelPointer(context, 'txHz'), subject: channelSubject(context) });
    });
  },
});
