import { newLogin, newNetwork } from '../../../plan/create';
import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { networkDiffers } from './network-differs';

const ALL = ['g1', 'g2', 'g3', 'echo'];
const causeway = (plan: Plan) => {
  putRow(plan.networks, newNetwork('n2', 'Causeway'));
  plan.profiles['s1']!.logins['n2'] = { ...newLogin(), suffix: 3 };
};

testCheck(networkDiffers, {
  valid: [{ name: 'one network' }, { name: 'a second one after it', change: causeway }],
  invalid: [
    {
      name: 'logged in to the other only',
      change: (plan) => (causeway(plan), void (plan.profiles['s1']!.logins['n1']!.enabled = false)),
      findings: ALL.map((id) => ({ message: 'differs', pointer: `/codeplugs/r1/channels/byId/ch-w-${id}/destination/networkId`, says: 'The call goes to Causeway; its destination is on Lantern.', fixes: { switch: (plan) => { plan.profiles['s1']!.logins['n2']!.enabled = false; plan.profiles['s1']!.logins['n1']!.enabled = true; } } })),
    },
  ],
});
