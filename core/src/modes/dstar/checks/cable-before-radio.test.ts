import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { profileOf } from '../../../testing/profile-of';
import { dstarPlan } from '../../../testing/sample-dstar';
import { cableBeforeRadio } from './cable-before-radio';

const LINK = { reflector: 'LNK001', module: 'C' };
const cable = (plan: Plan) => void (plan.sites.byId['s1']!.dstar!.cable = true);
const link = (automatic: boolean) => (plan: Plan) =>
  void Object.assign(profileOf(plan, 's1').dstar, { startLink: LINK, automatic });

testCheck(cableBeforeRadio, {
  plan: dstarPlan,
  valid: [
    { name: 'over the air', change: link(true) },
    { name: 'linked by hand', change: (plan) => (cable(plan), link(false)(plan)) },
    { name: 'nothing to link', change: cable },
  ],
  invalid: [
    {
      name: 'a link at start',
      change: (plan) => (cable(plan), link(true)(plan)),
      findings: [
        {
          message: 'order',
          pointer: '/profiles/byId/s1/set/dstar/automatic',
          says: 'Home links LNK001 C at start over a cable: only where the radio was ready before the program.',
          fixes: { manual: (plan) => void (profileOf(plan, 's1').dstar.automatic = false) },
        },
      ],
    },
  ],
});
