import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const voiceWideToBridge = defineCheck({
  id: 'voice-wide-to-bridge',
  severity: 'broken',
  title: 'Wide voice towards a bridge',
  fact: 'voice',
  docs: {
    summary: 'A channel sends wide voice to a room that bridges to another mode, or across to one.',
    why: 'Bridges take narrow voice only: the other side hears nothing.',
    remedy: 'Send narrow voice.',
    source: { kind: 'common practice', name: 'bridging to DMR works in narrow only' },
  },
  messages: { wide: 'The channel sends {has} voice; what it is meant for is behind a bridge, which takes {expects} only.' },
  fixes: { set: 'Send narrow voice' },
  check(index, report) {
    eachDisagreement(index, 'voice', 'air', (context, fact) => {
      if (fact.state !== 'broken') return;
      reportValue(report, context, ['c4fm', 'voice'], { message: 'wide', data: { has: String(fact.has), expects: String(fact.expects) }, to: fact.expects });
    });
  },
});
