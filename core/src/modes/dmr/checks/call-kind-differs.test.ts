import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { callKindDiffers } from './call-kind-differs';

testCheck(callKindDiffers, {
  valid: [{ name: 'a group as a group, echo as private' }],
  invalid: [
    {
      name: 'a group as private',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.kind = 'private'),
      findings: [
        {
          message: 'differs',
          pointer: `${CHANNEL}/dmr/call/kind`,
          says: 'The channel makes a private call to 417; the destination expects a group call.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.kind = 'group') },
        },
      ],
    },
    {
      name: 'echo as a group',
      change: (plan) => void (channelOf(plan, 'echo').dmr.call.kind = 'group'),
      findings: [
        {
          message: 'differs',
          pointer: '/codeplugs/r1/channels/byId/ch-w-echo/dmr/call/kind',
          fixes: { set: (plan) => void (channelOf(plan, 'echo').dmr.call.kind = 'private') },
        },
      ],
    },
  ],
});
