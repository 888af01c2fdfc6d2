import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const simplexSendsNoRpt = defineCheck({
  id: 'simplex-sends-no-rpt',
  severity: 'broken',
  title: 'Set to simplex: RPT1 and RPT2 are not sent',
  fact: 'duplex',
  docs: {
    summary: 'A channel of a hotspot or repeater is set to simplex.',
    why: 'The radio leaves RPT1 and RPT2 out: the site does not know that it is meant, and no link or gateway is reached.',
    remedy: 'Set the channel to duplex; for a hotspot on one frequency, duplex with a shift of zero.',
    source: { kind: 'common practice', name: 'hotspots are programmed as duplex with a shift of zero' },
  },
  messages: { hotspot: 'The channel is set to simplex; {site} needs duplex with a shift of zero.', repeater: 'The channel is set to simplex; {site} needs duplex.' },
  fixes: { set: 'Set it to duplex' },
  check(index, report) {
    eachDisagreement(index, 'duplex', 'air', (context) => {
      const site = context.site!;
      const pointer = channelPointer(context, 'dstar', 'duplex');
      report({ message: site.rxHz === site.txHz ? 'hotspot' : 'repeater', data: { site: site.name }, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, true)] }] });
    });
  },
});
