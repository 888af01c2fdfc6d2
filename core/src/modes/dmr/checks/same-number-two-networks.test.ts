import { testCheck } from '../../../testing/check-tester';
import { routedPlan } from '../../../testing/sample-routes';
import { channelOf } from '../../../testing/sample-plan';
import { sameNumberTwoNetworks } from './same-number-two-networks';

testCheck(sameNumberTwoNetworks, {
  plan: routedPlan,
  valid: [
    { name: 'Hask Wide and Harbour, both 417' },
    { name: 'one name, other numbers', change: (plan) => void (channelOf(plan, 'k2').name = 'Hask Wide 2') },
  ],
  invalid: [
    {
      name: 'a count alone tells them apart',
      change: (plan) => void (channelOf(plan, 'k1').name = 'Hask Wide 2'),
      findings: [
        {
          message: 'alike',
          pointer: '/codeplugs/r1/channels/byId/ch-w-k1/name',
          says: 'Channels “Hask Wide” and “Hask Wide 2” of Handheld call group 417 on Lantern and on Causeway.',
          fixes: { rename: (plan) => void (channelOf(plan, 'k1').name = 'Hask Wide Causwy') },
        },
      ],
    },
  ],
});
