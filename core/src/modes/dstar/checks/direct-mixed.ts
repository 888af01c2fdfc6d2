import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { fieldText } from '../addresses';
import { accessAt } from '../access';
import { eachDisagreement } from './walk';

export const directMixed = defineCheck({
  id: 'direct-mixed',
  severity: 'broken',
  title: 'DIRECT and a call over the air are mixed',
  fact: 'direct',
  docs: {
    summary: 'A channel has DIRECT in RPT1 or RPT2 for a site over the air, or a site on a cable is called without it.',
    why: 'DIRECT is for a radio on a cable: over the air no site takes it, and over the cable nothing else is taken.',
    remedy: 'Set both fields to DIRECT for a site on a cable, and neither for one over the air.',
    source: { kind: 'common practice', name: 'terminal use: RPT1 = RPT2 = DIRECT' },
  },
  messages: {
    air: 'RPT1 is “{rpt1}” and RPT2 “{rpt2}”; {site} is called over the air.',
    cable: 'RPT1 is “{rpt1}” and RPT2 “{rpt2}”; {site} is on a cable and expects DIRECT in both.',
  },
  fixes: { set: 'Set both fields for {site}' },
  check(index, report) {
    eachDisagreement(index, 'direct', 'site', (context) => {
      const { rpt1, rpt2 } = context.channel.dstar;
      const site = context.site!;
      const { cable } = site.dstar!;
      const access = accessAt(site, context.channel.destination?.kind !== 'local');
      const pointer = channelPointer(context, 'dstar', 'rpt1');
      const patches = [set(pointer, access.rpt1), set(channelPointer(context, 'dstar', 'rpt2'), access.rpt2)];
      report({
        message: cable ? 'cable' : 'air',
        data: { rpt1: fieldText(rpt1), rpt2: fieldText(rpt2), site: site.name },
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'set', patches }],
      });
    });
  },
});
