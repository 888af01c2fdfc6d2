import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { siteListedTwice } from './site-listed-twice';

testCheck(siteListedTwice, {
  plan: dstarPlan,
  valid: [
    { name: 'each its own' },
    {
      name: 'one call sign, two modules',
      change: (plan) => void Object.assign(plan.sites.byId['rp4']!.dstar!, { callSign: 'QO3VES', module: 'C' }),
    },
    {
      name: 'one of them on a cable',
      change: (plan) => void Object.assign(plan.sites.byId['rp4']!.dstar!, { callSign: 'QO3VES', cable: true }),
    },
  ],
  invalid: [
    {
      name: 'both alike',
      change: (plan) => void (plan.sites.byId['rp4']!.dstar!.callSign = 'QO3VES'),
      findings: [
        {
          message: 'twice',
          pointer: '/sites/byId/rp4/dstar/module',
          says: 'Merrin Ridge has QO3VES·B, as Home does; expected one of its own.',
        },
      ],
    },
  ],
});
