import type { Hotspot, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { slotsPlan } from '../testing/sample-recall';
import { recallCallUnfit } from './recall-call-unfit';

const calls = (plan: Plan, slot: number) => (plan.sites.byId['s1'] as Hotspot).recall.byId[`slot${slot}`]!.calls;

testCheck(recallCallUnfit, {
  plan: slotsPlan,
  valid: [
    { name: 'as the manual says' },
    { name: 'not from every mode', change: (plan) => void (calls(plan, 2).p25 = '') },
    { name: 'the same number in two modes', change: (plan) => void (calls(plan, 2).p25 = '990') },
  ],
  invalid: [
    {
      name: 'a group that cannot be sent',
      change: (plan) => void (calls(plan, 3).dmr = '99000003'),
      findings: [
        {
          message: 'unfit',
          pointer: '/sites/byId/s1/recall/byId/slot3/calls/dmr',
          says: 'Home: slot 3 is recalled from DMR by “99000003”; expected a group from 1 to 16,776,415.',
          fixes: { clear: (plan) => void (calls(plan, 3).dmr = '') },
        },
      ],
    },
    {
      name: 'a code with a letter that has no tone',
      change: (plan) => void (calls(plan, 1).c4fm = '7E1'),
      findings: [
        {
          message: 'unfit',
          pointer: '/sites/byId/s1/recall/byId/slot1/calls/c4fm',
          fixes: { clear: (plan) => void (calls(plan, 1).c4fm = '') },
        },
      ],
    },
    {
      name: 'two slots with one call',
      change: (plan) => void (calls(plan, 4).dstar = 'SLOT 2'),
      findings: [
        {
          message: 'twice',
          pointer: '/sites/byId/s1/recall/byId/slot4/calls/dstar',
          says: 'Home: slots 2 and 4 are both recalled from D-STAR by SLOT 2; expected one each.',
          fixes: { clear: (plan) => void (calls(plan, 4).dstar = '') },
        },
      ],
    },
  ],
});
