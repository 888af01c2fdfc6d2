import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { myWithAddition } from './my-with-addition';

const my = (text: string, suffix: string) => (plan: Plan) => {
  Object.assign(plan.radios.byId['r2']!.dstar!, { my: text, suffix });
};

testCheck(myWithAddition, {
  plan: dstarPlan,
  valid: [{ name: 'the call sign alone' }, { name: 'malformed is another check’s', change: my('/P', '') }],
  invalid: [
    {
      name: '/P, and the suffix is free',
      change: my('QO3VES/P', ''),
      findings: [
        {
          message: 'added',
          pointer: '/radios/byId/r2/dstar/my',
          says: 'MY of Pilot is QO3VES/P; gateways know QO3VES.',
          fixes: { move: my('QO3VES', 'P') },
        },
      ],
    },
    {
      name: 'a country before it',
      change: my('F/QO3VES', 'HAND'),
      findings: [{ message: 'added', pointer: '/radios/byId/r2/dstar/my', fixes: { set: my('QO3VES', 'HAND') } }],
    },
  ],
});
