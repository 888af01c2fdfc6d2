import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const voiceDiffers = defineCheck({
  id: 'voice-differs',
  severity: 'doubtful',
  title: 'The site passes another kind of voice',
  fact: 'voice',
  docs: {
    summary: 'A channel sends wide voice to a site that passes narrow, or the reverse.',
    why: 'The site repeats it, and what lies behind it may not understand it.',
    remedy: 'Send the voice that the site passes.',
    source: { kind: 'from memory', name: 'narrow: voice beside data; wide: voice at the full rate' },
  },
  messages: { differs: 'The channel sends {has} voice; {site} passes {expects}.' },
  fixes: { set: 'Send {expects} voice' },
  check(index, report) {
    eachDisagreement(index, 'voice', 'air', (context, fact) => {
      if (fact.state !== 'doubtful') return;
      reportValue(report, context, ['c4fm', 'voice'], { message: 'differs', data: { has: String(fact.has), expects: String(fact.expects), site: context.site!.name }, to: fact.expects });
    });
  },
});
