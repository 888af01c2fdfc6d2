import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { toneWords } from '../../../radio-math/tones';
import { eachDisagreement } from './walk';

export const mixedToneDiffers = defineCheck({
  id: 'mixed-tone-differs',
  severity: 'doubtful',
  title: 'The FM side of a mixed site needs another tone',
  fact: 'fm-tone',
  docs: {
    summary: 'A channel follows what comes, digital or FM, and does not send the tone that opens its site in FM.',
    why: 'You hear a station in FM, answer in FM, and the site stays shut.',
    remedy: 'Set the tone that the site’s FM side needs.',
    source: { kind: 'common practice', name: 'mixed repeaters take both' },
  },
  messages: { differs: 'In FM the channel sends {has}; {site} opens on {expects}.' },
  fixes: { set: 'Send {expects} in FM' },
  check(index, report) {
    eachDisagreement(index, 'fm-tone', 'site', (context, fact) => {
      const tone = (value: unknown) => toneWords(value === null ? null : String(value));
      reportValue(report, context, ['c4fm', 'toneTx'], { message: 'differs', data: { site: context.site!.name, has: fact.has === null ? 'no tone' : tone(fact.has), expects: tone(fact.expects) }, to: fact.expects });
    });
  },
});
