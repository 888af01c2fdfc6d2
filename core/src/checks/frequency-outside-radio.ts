import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { radioTunes } from '../path/common-facts';
import type { Band } from '../units/bands';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const frequencyOutsideRadio = defineCheck({
  id: 'frequency-outside-radio',
  severity: 'broken',
  title: 'Frequency outside the radio’s bands',
  fact: 'radio-band',
  docs: {
    summary: 'A channel receives or transmits where the radio does not tune, or transmits where it only receives.',
    why: 'The radio refuses the channel or stays silent on it.',
    remedy: 'Correct the frequency, or the radio’s bands if they were entered too narrow.',
  },
  messages: {
    outside: 'The channel uses {has} MHz; {radio} tunes {expects} MHz.',
    receiveOnly: 'The channel transmits on {has} MHz; {radio} only receives on {expects} MHz.',
  },
  fixes: { listen: 'Keep it for receiving only' },
  check(index, report) {
    eachDisagreement(index, 'radio-band', 'radio', (context) => {
      const { radio, channel } = context;
      const words = (bands: readonly Band[]) =>
        bands.map((band) => `${formatMHz(band.lowHz)}–${formatMHz(band.highHz)}`).join(', ');
      if (radioTunes(radio, channel.rxHz) && radioTunes(radio, channel.txHz)) {
        report({
          message: 'receiveOnly',
          data: { has: formatMHz(channel.txHz), expects: words(radio.receiveOnly), radio: radio.name },
          pointer: channelPointer(context, 'txHz'),
          subject: channelSubject(context),
          fixes: [{ id: 'listen', patches: [set(channelPointer(context, 'purpose'), 'receive only')] }],
        });
        return;
      }
      const expects = words(radio.bands) || 'nothing';
      const has =
        channel.rxHz === channel.txHz
          ? formatMHz(channel.rxHz)
          : `${formatMHz(channel.rxHz)} / ${formatMHz(channel.txHz)}`;
      report({
        message: 'outside',
        data: { has, expects, radio: radio.name },
        pointer: channelPointer(context, 'rxHz'),
        subject: channelSubject(context),
      });
    });
  },
});
