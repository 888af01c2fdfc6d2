import { valueCheck } from '../../../checks/value-check';
import { callSignOf } from '../addresses';
import { FIELD_LENGTH, GATEWAY_LETTER } from '../../../plan/modes/dstar/limits';

export const rpt2NotGateway = valueCheck({
  id: 'rpt2-not-gateway',
  severity: 'broken',
  title: 'RPT2 is not the gateway',
  mode: 'dstar',
  fact: 'rpt2',
  hops: ['gateway'],
  field: ['dstar', 'rpt2'],
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
  which({ channel, site }) {
    const { rpt2 } = channel.dstar;
    const { callSign } = site!.dstar!;
    const plain = rpt2.trim();
    if (plain === '') return 'empty';
    if (plain.startsWith(callSign) && plain.endsWith(GATEWAY_LETTER) && rpt2[FIELD_LENGTH - 1] !== GATEWAY_LETTER)
      return 'misplaced';
    return callSignOf(rpt2) === callSign ? 'module' : 'other';
  },
  press: 'Set RPT2 to {expects}',
});
