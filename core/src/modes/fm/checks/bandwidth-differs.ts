import { valueCheck } from '../../../checks/value-check';

export const bandwidthDiffers = valueCheck({
  id: 'bandwidth-differs',
  severity: 'doubtful',
  title: 'Width differs between channel and site',
  mode: 'fm',
  fact: 'width',
  hops: ['air'],
  field: ['fm', 'widthHz'],
  docs: {
    summary: 'An FM channel is wide where its site is narrow, or the reverse.',
    why: 'Too wide is distorted and disturbs the next channel; too narrow is faint.',
    remedy: 'Set the width of the site; it goes by country.',
    source: { kind: 'common practice', name: 'FM of 25 or 12.5 kHz spacing, by country' },
  },
  messages: { differs: 'The channel is {has} wide; {site} is {expects}.' },
  press: 'Set the width to {expects}',
});
