import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { admitCriterion } from './admit-criterion';

testCheck(admitCriterion, {
  valid: [
    { name: 'color code free' },
    { name: 'always on one’s own hotspot', change: (plan) => void (channelOf(plan, 'g1').dmr.admit = 'always') },
  ],
  invalid: [
    {
      name: 'channel free',
      change: (plan) => void (channelOf(plan, 'g1').dmr.admit = 'channel-free'),
      findings: [
        {
          message: 'unfit',
          pointer: `${CHANNEL}/dmr/admit`,
          says: 'The channel admits “channel free”; expected “color code free” here.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.admit = 'color-code-free') },
        },
      ],
    },
    {
      name: 'always without a hotspot',
      change: (plan) => {
        channelOf(plan, 'g1').siteId = null;
        channelOf(plan, 'g1').dmr.admit = 'always';
      },
      findings: [
        {
          message: 'unfit',
          pointer: `${CHANNEL}/dmr/admit`,
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.admit = 'color-code-free') },
        },
      ],
    },
  ],
});
