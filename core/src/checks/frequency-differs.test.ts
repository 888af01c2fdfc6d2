import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf, channelsAt, samplePlan } from '../testing/sample-plan';
import { frequencyDiffers } from './frequency-differs';

testCheck(frequencyDiffers, {
  valid: [
    { name: 'the same' },
    {
      name: 'a channel of no site',
      change: (plan) => Object.assign(channelOf(plan, 'g1'), { siteId: null, rxHz: 433_500_000, txHz: 433_500_000 }),
    },
  ],
  invalid: [
    {
      name: 'both frequencies elsewhere',
      change: (plan) => Object.assign(channelOf(plan, 'g1'), { rxHz: 438_800_000, txHz: 438_800_000 }),
      findings: [
        {
          message: 'differs',
          pointer: `${CHANNEL}/rxHz`,
          says: 'The channel has 438.8000 MHz; the site sends on 439.1250 MHz.',
          fixes: { set: (plan) => Object.assign(channelOf(plan, 'g1'), { rxHz: 439_125_000, txHz: 439_125_000 }) },
        },
      ],
    },
    {
      name: 'one hertz off',
      change: (plan) => void (channelOf(plan, 'g1').rxHz = 439_125_001),
      findings: [
        {
          message: 'differs',
          pointer: `${CHANNEL}/rxHz`,
          fixes: { set: (plan) => void (channelOf(plan, 'g1').rxHz = 439_125_000) },
        },
      ],
    },
    {
      name: 'the hotspot was moved',
      change: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 438_800_000, rxHz: 438_800_000 }),
      findings: channelsAt(samplePlan(), 'r1').map(({ id }) => ({
        message: 'differs',
        pointer: `/codeplugs/r1/channels/byId/${id}/rxHz`,
        fixes: {
          set: (plan) =>
            void Object.assign(plan.codeplugs['r1']!.channels.byId[id]!, { rxHz: 438_800_000, txHz: 438_800_000 }),
          site: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 439_125_000, rxHz: 439_125_000 }),
        },
      })),
    },
  ],
});
