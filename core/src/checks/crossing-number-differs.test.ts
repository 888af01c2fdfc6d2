import { testCheck } from '../testing/check-tester';
import { crossedPlan } from '../testing/sample-crossing';
import { dmrChannel } from '../testing/sample-plan';
import { roomChannel } from '../testing/sample-rooms';
import { crossingNumberDiffers } from './crossing-number-differs';

testCheck(crossingNumberDiffers, {
  plan: crossedPlan,
  valid: [
    { name: 'its own' },
    {
      name: 'zeros before it do not matter',
      change: (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = '417'),
    },
  ],
  invalid: [
    {
      name: 'another group',
      change: (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = '00588'),
      findings: [
        {
          message: 'differs',
          pointer: '/codeplugs/r3/channels/byId/ch-w-c4fm-g1/c4fm',
          says: 'The channel asks for 588; Hask Wide is 417.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = '00417') },
        },
      ],
    },
    {
      name: 'nothing',
      change: (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = ''),
      findings: [
        {
          message: 'differs',
          pointer: '/codeplugs/r3/channels/byId/ch-w-c4fm-g1/c4fm',
          says: 'The channel asks for nothing; Hask Wide is 417.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-c4fm-g1').c4fm.room = '00417') },
        },
      ],
    },
    {
      name: 'a private call',
      change: (plan) => void (dmrChannel(plan, 'r1', 'ch-w-dmr-room').dmr.call.kind = 'private'),
      findings: [
        {
          message: 'differs',
          pointer: '/codeplugs/r1/channels/byId/ch-w-dmr-room/dmr',
          fixes: { set: (plan) => void (dmrChannel(plan, 'r1', 'ch-w-dmr-room').dmr.call.kind = 'group') },
        },
      ],
    },
  ],
});
