import { valueCheck } from '../../../checks/value-check';
import { rpt1Fault } from './rpt1';

export const rpt1Differs = valueCheck({
  id: 'rpt1-differs',
  severity: 'broken',
  title: 'RPT1 is not the site’s module',
  mode: 'dstar',
  fact: 'rpt1',
  hops: ['site'],
  field: ['dstar', 'rpt1'],
  docs: {
    summary: 'RPT1 names another site or another module than the one the channel is meant for.',
    why: 'A site takes only what is addressed to its own module: it stays silent.',
    remedy: 'Set RPT1 to the site’s call sign with its module in the eighth place.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard' },
  },
  messages: { differs: 'RPT1 is “{has}”; {site} expects “{expects}”.' },
  which: ({ channel, site }) => (rpt1Fault(channel.dstar.rpt1, site!.dstar!.callSign) === 'other' ? 'differs' : null),
  bothWays: true,
  press: 'Set RPT1 to {expects}',
});
