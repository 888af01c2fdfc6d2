import { defineCheck } from '../../../checks/check';
import { reportValue } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const autoSensingAtMixedSite = defineCheck({
  id: 'auto-sensing-at-mixed-site',
  severity: 'doubtful',
  title: 'Digital only where the site is mixed',
  fact: 'receive',
  docs: {
    summary: 'A channel opens for digital only, and its site also passes FM.',
    why: 'You do not hear the stations that talk in FM there, and key up over them.',
    remedy: 'Set it to auto, so that the radio follows what comes.',
    source: { kind: 'common practice', name: 'auto-sensing serves mixed repeaters' },
  },
  messages: { digital: 'The channel opens for {has} only; {site} passes FM as well.' },
  fixes: { set: 'Open for both (auto)' },
  check(index, report) {
    eachDisagreement(index, 'receive', 'air', (context, fact) => {
      if (fact.state !== 'doubtful') return;
      reportValue(report, context, ['c4fm', 'receive'], { message: 'digital', data: { has: String(fact.has), site: context.site!.name }, to: fact.expects });
    });
  },
});
