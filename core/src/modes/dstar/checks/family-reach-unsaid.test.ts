import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { familyReachUnsaid } from './family-reach-unsaid';

testCheck(familyReachUnsaid, {
  plan: dstarPlan,
  valid: [
    { name: 'said' },
    {
      name: 'said to be another is told of elsewhere',
      change: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = ['SEA']),
    },
  ],
  invalid: [
    {
      name: 'unsaid, once a site',
      change: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = []),
      findings: [
        {
          message: 'unsaid',
          pointer: '/sites/byId/rp4/dstar/families',
          says: 'Nobody has said what the gateway of Merrin Ridge reaches; expected WAV.',
          fixes: {
            reaches: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = ['WAV']),
            every: (plan) => void (plan.sites.byId['rp4']!.dstar!.families = null),
          },
        },
      ],
    },
  ],
});
