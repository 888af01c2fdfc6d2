import { HEAD, headChannel, sitesPlan } from '../../../testing/sample-sites';
import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { admitCriterion } from './admit-criterion';

testCheck(admitCriterion, {
  plan: sitesPlan,
  valid: [
    { name: 'color code free' },
    {
      name: 'the most careful of those that the radio has',
      change: (plan) => {
        plan.radios.byId['r1']!.dmr!.admits = ['always', 'channel-free'];
        headChannel(plan).dmr.admit = 'channel-free';
      },
    },
    {
      name: 'always from radio to radio, where there is no color code to wait for',
      change: (plan) => {
        Object.assign(channelOf(plan, 'g2'), { siteId: null, purpose: 'direct' });
        channelOf(plan, 'g2').dmr.admit = 'always';
      },
    },
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
      name: 'always at a repeater',
      change: (plan) => void (headChannel(plan).dmr.admit = 'always'),
      findings: [
        {
          message: 'unfit',
          pointer: `${HEAD}/dmr/admit`,
          fixes: { set: (plan) => void (headChannel(plan).dmr.admit = 'color-code-free') },
        },
      ],
    },
  ],
});
