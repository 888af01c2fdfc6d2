import { profileOf } from '../../../testing/profile-of';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { causeway } from '../../../testing/sample-routes';
import { networkDiffers } from './network-differs';

const ALL = ['g1', 'g2', 'g3', 'echo'];
/** Causeway stands before Lantern in the plan, and both are on. */
const second = (plan: Plan) => {
  causeway(plan);
  profileOf(plan, 's1').dmr.logins['n2']!.enabled = true;
};

testCheck(networkDiffers, {
  valid: [{ name: 'one network' }, { name: 'a second one after it', change: second }],
  invalid: [
    {
      name: 'the other comes first',
      change: (plan) => (second(plan), void plan.networks.order.reverse()),
      findings: ALL.map((id) => ({
        message: 'differs',
        pointer: `/codeplugs/r1/channels/byId/ch-w-${id}/destination/networkId`,
        says: 'The call goes to Causeway; its destination is on Lantern.',
        fixes: { switch: (plan) => void (profileOf(plan, 's1').dmr.logins['n2']!.enabled = false) },
      })),
    },
  ],
});
