import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan } from '../../../testing/sample-dstar';
import { siteCallSignNearMiss } from './site-call-sign-near-miss';

const home = (callSign: string) => (plan: Plan) => void (plan.sites.byId['s1']!.dstar!.callSign = callSign);

testCheck(siteCallSignNearMiss, {
  plan: dstarPlan,
  valid: [
    { name: 'one’s own' },
    { name: 'a club’s', change: home('QO9ISL') },
    {
      name: 'the station is on a visit',
      change: (plan) => void (plan.station.callSign = 'F/QO3VES/P'),
    },
  ],
  invalid: [
    {
      name: 'one letter wrong at the hotspot, and its channels follow',
      change: (plan) => {
        home('QO3VEZ')(plan);
        Object.assign(dstarChannel(plan, 'w-lnk-talk').dstar, { rpt1: 'QO3VEZ B', rpt2: 'QO3VEZ G' });
      },
      findings: [
        {
          message: 'hotspot',
          pointer: '/sites/byId/s1/dstar/callSign',
          says: 'Home has the D-STAR call sign QO3VEZ; the station is QO3VES.',
          fixes: {
            set: (plan) => {
              home('QO3VES')(plan);
              Object.assign(dstarChannel(plan, 'w-lnk-talk').dstar, { rpt1: 'QO3VES B', rpt2: 'QO3VES G' });
            },
          },
        },
      ],
    },
    {
      name: 'one letter less at a repeater',
      change: (plan) => void (plan.sites.byId['rp4']!.dstar!.callSign = 'QO1MR'),
      findings: [
        {
          message: 'repeater',
          pointer: '/sites/byId/rp4/dstar/callSign',
          says: 'Merrin Ridge has the D-STAR call sign QO1MR; it is listed as QO1MRR.',
          fixes: { set: (plan) => void (plan.sites.byId['rp4']!.dstar!.callSign = 'QO1MRR') },
        },
      ],
    },
  ],
});
