import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { nacText } from '../addresses';
import { eachDisagreement } from './walk';

export const nacDiffers = defineCheck({
  id: 'nac-differs',
  severity: 'broken',
  title: 'Network access code differs between channel and site',
  fact: 'nac',
  docs: {
    summary: 'A channel sends another network access code than its site takes.',
    why: 'The site stays shut: you hear it, and it does not hear you.',
    remedy: 'Set the site’s code; it is written in hex, and begins as 293 on most hotspots.',
    source: { kind: 'published', name: 'TIA-102 (network access code, 12 bits)' },
  },
  messages: { differs: 'The channel sends NAC {has}; {site} takes {expects}.' },
  fixes: { set: 'Send NAC {expects}' },
  check(index, report) {
    eachDisagreement(index, 'nac', 'site', (context, fact) => {
      reportValue(report, context, ['p25', 'nac'], { message: 'differs', data: { site: context.site!.name, has: nacText(Number(fact.has)), expects: nacText(Number(fact.expects)) }, to: fact.expects });
    });
  },
});
