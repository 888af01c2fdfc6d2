import { valueCheck } from '../../../checks/value-check';
import { nacText } from '../addresses';

export const nacHeardDiffers = valueCheck({
  id: 'nac-heard-differs',
  severity: 'broken',
  title: 'The radio opens on a code that the site does not send',
  mode: 'p25',
  fact: 'nac-heard',
  hops: ['site'],
  field: ['p25', 'nacRx'],
  docs: {
    summary: 'A channel opens on another network access code than its site sends.',
    why: 'The radio stays silent although the site is heard: you talk and hear nothing.',
    remedy: 'Open on the site’s code, or on F7E, which is any.',
    source: { kind: 'published', name: 'TIA-102 (network access code)' },
  },
  messages: { differs: 'The channel opens on NAC {has}; {site} sends {expects}.' },
  data: (_, { has, expects }) => ({ has: nacText(Number(has)), expects: nacText(Number(expects)) }),
  press: 'Open on NAC {expects}',
});
