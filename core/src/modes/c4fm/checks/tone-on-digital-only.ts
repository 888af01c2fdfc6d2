import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { toneWords } from '../../../units/tones';
import { eachDisagreement } from './walk';

export const toneOnDigitalOnly = defineCheck({
  id: 'tone-on-digital-only',
  severity: 'doubtful',
  title: 'A tone on a digital-only channel',
  fact: 'fm-tone',
  docs: {
    summary: 'A channel that opens for digital only holds a tone.',
    why: 'The radio hides the tone and does not use it: whoever sees it in the list takes it for set.',
    remedy: 'Take the tone out, or set the channel to auto if the site passes FM.',
    source: { kind: 'common practice', name: 'a radio in digital-only mode hides the tone settings' },
  },
  messages: { hidden: 'The channel is digital only and holds a tone, {has}, which the radio hides.' },
  fixes: { clear: 'Take the tone out' },
  check(index, report) {
    eachDisagreement(index, 'fm-tone', 'radio', (context, fact) => {
      const { toneTx, toneRx } = context.channel.c4fm;
      const sides = [...(toneTx === null ? [] : ['toneTx']), ...(toneRx === null ? [] : ['toneRx'])];
      const patches = sides.map((side) => set(channelPointer(context, 'c4fm', side), null));
      report({
        message: 'hidden',
        data: { has: toneWords(String(fact.has)) },
        pointer: channelPointer(context, 'c4fm', sides[0]!),
        subject: channelSubject(context),
        fixes: [{ id: 'clear', patches }],
      });
    });
  },
});
