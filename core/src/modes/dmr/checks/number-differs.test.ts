import { profileOf } from '../../../testing/profile-of';
import { removeRow } from '../../../plan/table';
import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { bothNetworks } from '../../../testing/sample-routes';
import { numberDiffers } from './number-differs';

testCheck(numberDiffers, {
  valid: [{ name: 'the same' }],
  invalid: [
    {
      name: 'another group’s',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 588),
      findings: [
        {
          message: 'elsewhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          says: 'The channel calls 588; Lantern 417, Hask Wide, is 417 on this radio. The call goes to Lantern, group 588, Ostrey All instead.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) },
        },
      ],
    },
    {
      name: 'nobody’s',
      change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 418),
      findings: [
        {
          message: 'elsewhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          says: 'The channel calls 418; Lantern 417, Hask Wide, is 417 on this radio. The call goes to Lantern, group 418 (nothing is known there) instead.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) },
        },
      ],
    },
    {
      name: 'one that no rule takes',
      change: (plan) => {
        bothNetworks(plan);
        removeRow(profileOf(plan, 's1').dmr.rules, 'r-n1-rest');
        channelOf(plan, 'g1').dmr.call.number = 417;
      },
      findings: [
        {
          message: 'nowhere',
          pointer: `${CHANNEL}/dmr/call/number`,
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 1_000_417) },
        },
      ],
    },
  ],
});
