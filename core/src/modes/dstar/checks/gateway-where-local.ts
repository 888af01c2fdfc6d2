import { valueCheck } from '../../../checks/value-check';

export const gatewayWhereLocal = valueCheck({
  id: 'gateway-where-local',
  severity: 'doubtful',
  title: 'A local call goes to the gateway',
  mode: 'dstar',
  fact: 'rpt2',
  hops: ['site'],
  field: ['dstar', 'rpt2'],
  docs: {
    summary: 'A channel that is meant for those who hear the site has another RPT2 than the site’s own module.',
    why: 'Whatever the site is linked to hears you as well: a chat with a neighbour goes around the world.',
    remedy: 'Set RPT2 to the site’s own module, or leave it empty.',
    source: { kind: 'common practice', name: 'RPT2 of one’s own module, or empty, keeps a call local' },
  },
  messages: { gateway: 'RPT2 is “{has}”; for a local call at {site} expected “{expects}”.' },
  press: 'Set RPT2 to {expects}',
});
