import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { nacText } from '../addresses';
import { NAC_DEFAULT, NAC_PASS } from '../limits';
import { isSpecialNac } from '../trace';
import { eachDisagreement } from './walk';

export const nacSpecial = defineCheck({
  id: 'nac-special',
  severity: 'broken',
  title: 'A network access code that is not for sending',
  fact: 'nac-value',
  docs: {
    summary: 'A channel sends F7E or F7F, which are settings of receivers.',
    why: 'F7E opens a receiver for any code, F7F lets a repeater pass any: sent by a radio they open nothing.',
    remedy: 'Send the site’s own code; keep F7E for what you hear.',
    source: { kind: 'published', name: 'TIA-102 (network access code)' },
  },
  messages: { any: 'The channel sends F7E, which only opens a receiver for any code; expected {expects}.', pass: 'The channel sends F7F, which is for repeaters that pass any code; expected {expects}.' },
  fixes: { set: 'Send {expects}' },
  check(index, report) {
    eachDisagreement(index, 'nac-value', 'radio', (context, fact) => {
      const own = context.site?.p25?.nac ?? NAC_DEFAULT;
      const to = isSpecialNac(own) ? NAC_DEFAULT : own;
      reportValue(report, context, ['p25', 'nac'], { message: fact.has === NAC_PASS ? 'pass' : 'any', data: { expects: nacText(to) }, to });
    });
  },
});
