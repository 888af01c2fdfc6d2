import { valueCheck } from '../../../checks/value-check';
import { nacText } from '../addresses';

export const nacDiffers = valueCheck({
  id: 'nac-differs',
  severity: 'broken',
  title: 'Network access code differs between channel and site',
  mode: 'p25',
  fact: 'nac',
  hops: ['site'],
  field: ['p25', 'nac'],
  docs: {
    summary: 'A channel sends another network access code than its site takes.',
    why: 'The site stays shut: you hear it, and it does not hear you.',
    remedy: 'Set the site’s code; it is written in hex, and begins as 293 on most hotspots.',
    source: { kind: 'published', name: 'TIA-102 (network access code, 12 bits)' },
  },
  messages: { differs: 'The channel sends NAC {has}; {site} takes {expects}.' },
  data: (_, { has, expects }) => ({ has: nacText(Number(has)), expects: nacText(Number(expects)) }),
  bothWays: true,
  press: 'Send NAC {expects}',
});
