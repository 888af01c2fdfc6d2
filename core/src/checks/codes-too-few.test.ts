import { rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { recallPlan, slotsPlan } from '../testing/sample-recall';
import { codesTooFew } from './codes-too-few';

const radio = (plan: Plan) => rows(plan.radios).find((one) => one.c4fm)!;
const codes = (plan: Plan) => plan.codeplugs[radio(plan).id]!.c4fm.codes;

// A radio with five codes and slots 1 to 5: all five can be reached; with four, one cannot.
testCheck(codesTooFew, {
  plan: recallPlan,
  valid: [
    { name: 'five codes for five slots' },
    {
      name: 'a radio that recalls nothing by codes',
      change: (plan) => {
        plan.codeplugs = structuredClone(slotsPlan().codeplugs);
        radio(plan).c4fm!.dtmfMemories = 0;
      },
    },
  ],
  invalid: [
    {
      name: 'four codes',
      change: (plan) => {
        radio(plan).c4fm!.dtmfMemories = 4;
        const last = codes(plan).order.pop()!;
        delete codes(plan).byId[last];
      },
      findings: [
        {
          message: 'full',
          pointer: '/radios/byId/r3/c4fm/slots/slot5',
          says: 'Rambler keeps 4 codes: slot 5, Standby of Home cannot be recalled from it.',
        },
      ],
    },
  ],
});
