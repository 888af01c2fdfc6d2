import { isSwapped, maySendOn, radioTunes } from '../path/common-facts';
import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { SITE_WAY, siteWayToPair } from './site-way';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const frequencyDiffers = defineCheck({
  id: 'frequency-differs',
  severity: 'broken',
  title: 'Frequency differs between channel and site',
  fact: 'frequency',
  docs: {
    summary: 'A channel listens on another frequency than its site sends on.',
    why: 'Radio and site are deaf to each other.',
    remedy: 'Set the channel to the site’s frequency, or the site to the frequency that was meant.',
  },
  messages: { differs: 'The channel has {has} MHz; the site sends on {expects} MHz.' },
  fixes: { set: 'Set the channel to {expects} MHz', site: SITE_WAY },
  check(index, report) {
    eachDisagreement(index, 'frequency', 'air', (context, fact) => {
      // A pair that is swapped has a check of its own.
      if (isSwapped(context)) return;
      const { channel } = context;
      const site = context.site!;
      const data = { has: formatMHz(channel.rxHz), expects: formatMHz(site.txHz) };
      const patches = [
        set(channelPointer(context, 'rxHz'), site.txHz),
        set(channelPointer(context, 'txHz'), site.rxHz),
      ];
      const other = siteWayToPair(context, fact, `${data.has} MHz`, channel.rxHz, channel.txHz);
      // A pair that the radio does not tune, or may not send on, is no mend.
      const canSet = radioTunes(context.radio, site.txHz) && maySendOn(context, site.rxHz);
      report({
        message: 'differs',
        data,
        pointer: channelPointer(context, 'rxHz'),
        subject: channelSubject(context),
        fixes: [
          ...(canSet ? [{ id: 'set' as const, patches }] : []),
          ...(other ? [{ id: 'site' as const, ...other }] : []),
        ],
      });
    });
  },
});
