import type { Hotspot } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { recallPlan, slotsPlan } from '../testing/sample-recall';
import { slotEmpty } from './slot-empty';

testCheck(slotEmpty, {
  plan: recallPlan,
  valid: [
    { name: 'each holds a profile' },
    {
      name: 'no radio recalls it',
      change: (plan) => {
        plan.codeplugs = structuredClone(slotsPlan().codeplugs);
        (plan.sites.byId['s1'] as Hotspot).recall.byId['slot2']!.profileId = null;
      },
    },
  ],
  invalid: [
    {
      name: 'its profile was removed',
      change: (plan) => void ((plan.sites.byId['s1'] as Hotspot).recall.byId['slot2']!.profileId = null),
      findings: [
        {
          message: 'empty',
          pointer: '/sites/byId/s1/recall/byId/slot2/profileId',
          says: 'Handheld recalls slot 2 of Home by 2 DMR only, and nothing is said to be in it.',
        },
      ],
    },
  ],
});
