import { valueCheck } from '../../../checks/value-check';

export const colorCodeDiffers = valueCheck({
  id: 'color-code-differs',
  severity: 'broken',
  title: 'Color code differs between channel and site',
  mode: 'dmr',
  fact: 'color-code',
  hops: ['site'],
  field: ['dmr', 'colorCode'],
  docs: {
    summary: 'A channel sends another color code than its site expects.',
    why: 'The site ignores calls with another color code, and the radio ignores the site’s.',
    remedy: 'Set the channel to the site’s color code.',
    source: { kind: 'published', name: 'ETSI TS 102 361-1 (color code, 4 bits)' },
  },
  messages: { differs: '{channel}: channel has {has}, site has {expects}.' },
  bothWays: true,
  press: 'Set the channel to {expects}',
});
