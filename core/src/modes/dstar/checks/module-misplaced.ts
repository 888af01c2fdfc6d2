import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { fieldText } from '../addresses';
import { rpt1Fault } from './rpt1';
import { eachDisagreement } from './walk';

export const moduleMisplaced = defineCheck({
  id: 'module-misplaced',
  severity: 'broken',
  title: 'Module letter not in the eighth place',
  fact: 'rpt1',
  docs: {
    summary: 'RPT1 has the site’s call sign, and its module letter in another place or not at all.',
    why: 'Only the eighth character says which module is meant: the site does not answer.',
    remedy: 'Put the letter into the eighth place, with spaces before it.',
    source: { kind: 'common practice', name: 'the module stands in the eighth character' },
  },
  messages: { misplaced: 'RPT1 is “{has}”; {site} expects “{expects}”, the letter in the eighth place.', missing: 'RPT1 is “{has}” without a letter; {site} expects “{expects}”.' },
  fixes: { set: 'Set RPT1 to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'rpt1', 'site', (context, fact) => {
      const fault = rpt1Fault(context.channel.dstar.rpt1, context.site!.dstar!.callSign);
      if (fault === 'other') return;
      const pointer = channelPointer(context, 'dstar', 'rpt1');
      const data = { has: fieldText(context.channel.dstar.rpt1), expects: fieldText(String(fact.expects)), site: context.site!.name };
      report({ message: fault, data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
