import { setPair } from '../plan/carriage';
import { editProfile } from '../plan/profiles';
import { removeRow, rows } from '../plan/table';
import type { Hotspot, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { recallPlan, slotsPlan } from '../testing/sample-recall';
import { slotCannotBeLeft } from './slot-cannot-be-left';

const radioId = (plan: Plan) => rows(plan.radios).find((one) => one.c4fm)!.id;
const codes = (plan: Plan) => plan.codeplugs[radioId(plan)]!.c4fm.codes;
const slot = (plan: Plan, n: number) => (plan.sites.byId['s1'] as Hotspot).recall.byId[`slot${n}`]!;
const without = (code: string) => (plan: Plan) =>
  removeRow(codes(plan), rows(codes(plan)).find((one) => one.code === code)!.id);

testCheck(slotCannotBeLeft, {
  plan: recallPlan,
  valid: [
    { name: 'each can be left for each other' },
    { name: 'no radio recalls any', change: (plan) => void (plan.codeplugs = structuredClone(slotsPlan().codeplugs)) },
    {
      name: 'the same profile in two slots',
      change: (plan) => (without('772')(plan), void (slot(plan, 2).profileId = slot(plan, 4).profileId)),
    },
  ],
  invalid: [
    {
      name: 'a code is gone',
      change: without('772'),
      findings: [
        {
          message: 'left',
          pointer: '/sites/byId/s1/recall/byId/slot4/calls/2',
          says: 'Home: slot 4 cannot be left for slot 2: no radio of C4FM recalls it.',
          fixes: {
            add: (plan) => {
              const row = {
                id: 'code-slot2',
                name: '2 DMR only',
                code: '772',
                recalls: { siteId: 's1', slotId: 'slot2' },
              };
              codes(plan).byId[row.id] = row;
              codes(plan).order.push(row.id);
            },
          },
        },
      ],
    },
    {
      name: 'nobody has said what recalls it from there',
      change: (plan) => void (slot(plan, 2).calls.c4fm = ''),
      findings: [
        {
          message: 'unsaid',
          pointer: '/sites/byId/s1/recall/byId/slot4/calls/2',
          says: 'Home: slot 4 cannot be left for slot 2: nobody has said what recalls it from C4FM.',
        },
      ],
    },
    {
      name: 'a profile that listens for nothing',
      change: (plan) => editProfile(plan, 's1', (of) => setPair(of, 'c4fm', 'c4fm', { on: false }), 'only-c4fm'),
      findings: [
        {
          message: 'deaf',
          pointer: '/sites/byId/s1/recall/byId/slot4',
          says: 'Home: slot 4 cannot be left: what it holds listens for nothing that a radio of the plan speaks.',
        },
      ],
    },
  ],
});
