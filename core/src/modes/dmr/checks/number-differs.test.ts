import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { numberDiffers } from './number-differs';

testCheck(numberDiffers, {
  valid: [{ name: 'the same' }],
  invalid: [
    { name: 'another group’s', change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 588), findings: [{ message: 'elsewhere', pointer: `${CHANNEL}/dmr/call/number`, says: 'The channel calls 588; its destination is 417. The call goes to Ostrey All instead.', fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) } }] },
    { name: 'nobody’s', change: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 418), findings: [{ message: 'nowhere', pointer: `${CHANNEL}/dmr/call/number`, fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.call.number = 417) } }] },
  ],
});
