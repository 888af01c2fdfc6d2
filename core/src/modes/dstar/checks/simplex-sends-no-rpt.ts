import { valueCheck } from '../../../checks/value-check';

export const simplexSendsNoRpt = valueCheck({
  id: 'simplex-sends-no-rpt',
  severity: 'broken',
  title: 'Set to simplex: RPT1 and RPT2 are not sent',
  mode: 'dstar',
  fact: 'duplex',
  hops: ['air'],
  field: ['dstar', 'duplex'],
  docs: {
    summary: 'A channel of a hotspot or repeater is set to simplex.',
    why: 'The radio leaves RPT1 and RPT2 out: the site does not know that it is meant, and no link or gateway is reached.',
    remedy: 'Set the channel to duplex; for a hotspot on one frequency, duplex with a shift of zero.',
    source: { kind: 'common practice', name: 'hotspots are programmed as duplex with a shift of zero' },
  },
  messages: {
    hotspot: 'The channel is set to simplex; {site} needs duplex with a shift of zero.',
    repeater: 'The channel is set to simplex; {site} needs duplex.',
  },
  which: ({ site }) => (site!.rxHz === site!.txHz ? 'hotspot' : 'repeater'),
  press: 'Set it to duplex',
});
