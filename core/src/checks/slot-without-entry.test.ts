import type { Hotspot, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { recallPlan } from '../testing/sample-recall';
import { slotWithoutEntry } from './slot-without-entry';

const slot = (plan: Plan, n: number) => (plan.sites.byId['s1'] as Hotspot).recall.byId[`slot${n}`]!;
const nobody = { dmr: '', dstar: '', c4fm: '', p25: '' };

testCheck(slotWithoutEntry, {
  plan: recallPlan,
  valid: [
    { name: 'each has its entries' },
    {
      name: 'recalled from one mode only',
      change: (plan) => void (slot(plan, 2).calls = { ...nobody, dmr: '990002' }),
    },
    {
      name: 'it holds nothing',
      change: (plan) => void Object.assign(slot(plan, 2), { profileId: null, calls: nobody }),
    },
  ],
  invalid: [
    {
      name: 'nobody has said what recalls it',
      change: (plan) => void (slot(plan, 2).calls = { ...nobody }),
      findings: [
        {
          message: 'none',
          pointer: '/sites/byId/s1/recall/byId/slot2',
          says: 'No radio recalls slot 2, DMR only of Home.',
        },
      ],
    },
  ],
});
