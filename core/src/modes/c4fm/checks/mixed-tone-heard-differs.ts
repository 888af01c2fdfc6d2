import { valueCheck } from '../../../checks/value-check';
import { toneWords } from '../../../units/tones';

export const mixedToneHeardDiffers = valueCheck({
  id: 'mixed-tone-heard-differs',
  severity: 'doubtful',
  title: 'In FM the radio opens on a tone that the site does not send',
  mode: 'c4fm',
  fact: 'fm-tone-heard',
  hops: ['site'],
  field: ['c4fm', 'toneRx'],
  docs: {
    summary: 'A channel follows what comes, digital or FM, and in FM opens on a tone that its site does not send.',
    why: 'The radio stays silent for stations in FM although the site is heard.',
    remedy: 'Open on any signal, or on the tone that the site sends.',
    source: { kind: 'common practice', name: 'tone set on the receiving side only when the site sends it' },
  },
  messages: { differs: 'In FM the channel opens on {has}; {site} sends {expects}.' },
  data: (_, { has, expects }) => ({
    has: toneWords(has),
    expects: typeof expects === 'string' ? toneWords(expects) : 'no tone',
  }),
  to: () => null,
  press: 'Open on any signal in FM',
});
