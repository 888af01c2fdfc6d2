import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { callSignOf, fieldText } from '../addresses';
import { FIELD_LENGTH, GATEWAY_LETTER } from '../limits';
import { eachDisagreement } from './walk';

export const rpt2NotGateway = defineCheck({
  id: 'rpt2-not-gateway',
  severity: 'broken',
  title: 'RPT2 is not the gateway',
  fact: 'rpt2',
  docs: {
    summary: 'A channel that is to reach something beyond its site has no gateway in RPT2.',
    why: 'You hear the reflector, but it does not hear you, and no command is obeyed: only those who hear the site itself hear you.',
    remedy: 'Set RPT2 to the site’s call sign with G in the eighth place.',
    source: { kind: 'common practice', name: 'G in the eighth character of RPT2 addresses the gateway' },
  },
  messages: {
    module: 'RPT2 is “{has}”, the site’s own module; expected the gateway, “{expects}”.',
    empty: 'RPT2 is empty; expected the gateway, “{expects}”.',
    misplaced: 'RPT2 is “{has}”, its letter not in the eighth place; expected “{expects}”.',
    other: 'RPT2 is “{has}”; expected the gateway of {site}, “{expects}”.',
  },
  fixes: { set: 'Set RPT2 to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'rpt2', 'gateway', (context, fact) => {
      const { rpt2 } = context.channel.dstar;
      const { callSign } = context.site!.dstar!;
      const plain = rpt2.trim();
      const misplaced = plain.startsWith(callSign) && plain.endsWith(GATEWAY_LETTER) && rpt2[FIELD_LENGTH - 1] !== GATEWAY_LETTER;
      const message = plain === '' ? 'empty' : misplaced ? 'misplaced' : callSignOf(rpt2) === callSign ? 'module' : 'other';
      const pointer = channelPointer(context, 'dstar', 'rpt2');
      const data = { has: fieldText(rpt2), expects: fieldText(String(fact.expects)), site: context.site!.name };
      report({ message, data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
