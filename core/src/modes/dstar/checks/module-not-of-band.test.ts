import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan } from '../../../testing/sample-dstar';
import { moduleNotOfBand } from './module-not-of-band';

testCheck(moduleNotOfBand, {
  plan: dstarPlan,
  valid: [
    { name: 'B on 70 cm' },
    {
      name: 'outside the bands with a letter',
      change: (plan) => void Object.assign(plan.sites.byId['rp4']!, { rxHz: 500_000_000 }),
    },
    {
      name: 'on a cable',
      change: (plan) => void Object.assign(plan.sites.byId['s1']!.dstar!, { cable: true, module: 'D' }),
    },
  ],
  invalid: [
    {
      name: 'C on 70 cm, its local channel along',
      change: (plan) => {
        plan.sites.byId['rp4']!.dstar!.module = 'C';
        Object.assign(dstarChannel(plan, 'w-near').dstar, { rpt1: 'QO1MRR C', rpt2: 'QO1MRR C' });
      },
      findings: [
        {
          message: 'differs',
          pointer: '/sites/byId/rp4/dstar/module',
          says: 'Merrin Ridge has module C; usual in its band is B.',
          fixes: {
            set: (plan) => {
              plan.sites.byId['rp4']!.dstar!.module = 'B';
              Object.assign(dstarChannel(plan, 'w-near').dstar, { rpt1: 'QO1MRR B', rpt2: 'QO1MRR B' });
            },
          },
        },
      ],
    },
    {
      name: 'none',
      change: (plan) => void (plan.sites.byId['s1']!.dstar!.module = ''),
      findings: [
        {
          message: 'missing',
          pointer: '/sites/byId/s1/dstar/module',
          fixes: { set: (plan) => void (plan.sites.byId['s1']!.dstar!.module = 'B') },
        },
      ],
    },
  ],
});
