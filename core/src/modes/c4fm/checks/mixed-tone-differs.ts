import { valueCheck } from '../../../checks/value-check';
import { toneWords } from '../../../units/tones';

export const mixedToneDiffers = valueCheck({
  id: 'mixed-tone-differs',
  severity: 'doubtful',
  title: 'The FM side of a mixed site needs another tone',
  mode: 'c4fm',
  fact: 'fm-tone',
  hops: ['site'],
  field: ['c4fm', 'toneTx'],
  docs: {
    summary: 'A channel follows what comes, digital or FM, and does not send the tone that opens its site in FM.',
    why: 'You hear a station in FM, answer in FM, and the site stays shut.',
    remedy: 'Set the tone that the site’s FM side needs.',
    source: { kind: 'common practice', name: 'mixed repeaters take both' },
  },
  messages: { differs: 'In FM the channel sends {has}; {site} opens on {expects}.' },
  data: (_, { has }) => ({ has: has === null ? 'no tone' : toneWords(has) }),
  press: 'Send {expects} in FM',
});
