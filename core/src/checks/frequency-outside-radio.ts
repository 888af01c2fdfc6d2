import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const frequencyOutsideRadio = defineCheck({
  id: 'frequency-outside-radio',
  severity: 'broken',
  title: 'Frequency outside the radio’s bands',
  fact: 'radio-band',
  docs: {
    summary: 'A channel receives or transmits where the radio does not tune.',
    why: 'The radio refuses the channel or stays silent on it.',
    remedy: 'Correct the frequency, or the radio’s bands if they were entered too narrow.',
  },
  messages: { outside: 'The channel uses {has} MHz; {radio} tunes {expects} MHz.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'radio-band', 'radio', (context) => {
      const { radio, channel } = context;
      const expects =
        radio.bands.map((band) => `${formatMHz(band.lowHz)}–${formatMHz(band.highHz)}`).join(', ') || 'nothing';
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
