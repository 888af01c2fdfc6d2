import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { nacText } from '../addresses';
import { eachDisagreement } from './walk';

export const nacHeardDiffers = defineCheck({
  id: 'nac-heard-differs',
  severity: 'broken',
  title: 'The radio opens on a code that the site does not send',
  fact: 'nac-heard',
  docs: {
    summary: 'A channel opens on another network access code than its site sends.',
    why: 'The radio stays silent although the site is heard: you talk and hear nothing.',
    remedy: 'Open on the site’s code, or on F7E, which is any.',
    source: { kind: 'published', name: 'TIA-102 (network access code)' },
  },
  messages: { differs: 'The channel opens on NAC {has}; {site} sends {expects}.' },
  fixes: { set: 'Open on NAC {expects}' },
  check(index, report) {
    eachDisagreement(index, 'nac-heard', 'site', (context, fact) => {
      reportValue(report, context, ['p25', 'nacRx'], { message: 'differs', data: { site: context.site!.name, has: nacText(Number(fact.has)), expects: nacText(Number(fact.expects)) }, to: fact.expects });
    });
  },
});
