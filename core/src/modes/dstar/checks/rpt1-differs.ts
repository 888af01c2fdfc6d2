import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { fieldText } from '../addresses';
import { rpt1Fault } from './rpt1';
import { eachDisagreement } from './walk';

export const rpt1Differs = defineCheck({
  id: 'rpt1-differs',
  severity: 'broken',
  title: 'RPT1 is not the site’s module',
  fact: 'rpt1',
  docs: {
    summary: 'RPT1 names another site or another module than the one the channel is meant for.',
    why: 'A site takes only what is addressed to its own module: it stays silent.',
    remedy: 'Set RPT1 to the site’s call sign with its module in the eighth place.',
    source: { kind: 'published', name: 'JARL, D-STAR system standard' },
  },
  messages: { differs: 'RPT1 is “{has}”; {site} expects “{expects}”.' },
  fixes: { set: 'Set RPT1 to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'rpt1', 'site', (context, fact) => {
      if (rpt1Fault(context.channel.dstar.rpt1, context.site!.dstar!.callSign) !== 'other') return;
      const pointer = channelPointer(context, 'dstar', 'rpt1');
      const data = { has: fieldText(context.channel.dstar.rpt1), expects: fieldText(String(fact.expects)), site: context.site!.name };
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
