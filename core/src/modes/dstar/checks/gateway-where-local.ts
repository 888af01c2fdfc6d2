import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { fieldText } from '../addresses';
import { eachDisagreement } from './walk';

export const gatewayWhereLocal = defineCheck({
  id: 'gateway-where-local',
  severity: 'doubtful',
  title: 'A local call goes to the gateway',
  fact: 'rpt2',
  docs: {
    summary: 'A channel that is meant for those who hear the site has another RPT2 than the site’s own module.',
    why: 'Whatever the site is linked to hears you as well: a chat with a neighbour goes around the world.',
    remedy: 'Set RPT2 to the site’s own module, or leave it empty.',
    source: { kind: 'common practice', name: 'RPT2 of one’s own module, or empty, keeps a call local' },
  },
  messages: { gateway: 'RPT2 is “{has}”; for a local call at {site} expected “{expects}”.' },
  fixes: { set: 'Set RPT2 to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'rpt2', 'site', (context, fact) => {
      const pointer = channelPointer(context, 'dstar', 'rpt2');
      const data = { has: fieldText(context.channel.dstar.rpt2), expects: fieldText(String(fact.expects)), site: context.site!.name };
      report({ message: 'gateway', data, pointer, subject: channelSubject(context), fixes: [{ id: 'set', patches: [set(pointer, fact.expects)] }] });
    });
  },
});
