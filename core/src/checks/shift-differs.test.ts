import { testCheck } from '../testing/check-tester';
import { HEAD, headChannel, sitesPlan } from '../testing/sample-sites';
import { channelsAt } from '../testing/sample-plan';
import { shiftDiffers } from './shift-differs';

testCheck(shiftDiffers, {
  plan: sitesPlan,
  valid: [
    { name: 'the repeater’s shift' },
    {
      name: 'a swapped pair is told of elsewhere',
      change: (plan) => void Object.assign(headChannel(plan), { rxHz: 431_825_000, txHz: 439_425_000 }),
    },
  ],
  invalid: [
    {
      name: 'the other sign',
      change: (plan) => void (headChannel(plan).txHz = 447_025_000),
      findings: [
        {
          message: 'sign',
          pointer: `${HEAD}/txHz`,
          says: 'The channel shifts by +7.6 MHz; Hask Head listens at -7.6: the sign is wrong.',
          fixes: { set: (plan) => void (headChannel(plan).txHz = 431_825_000) },
        },
      ],
    },
    {
      name: 'another size',
      change: (plan) => void (headChannel(plan).txHz = 434_425_000),
      findings: [
        {
          message: 'size',
          pointer: `${HEAD}/txHz`,
          says: 'The channel shifts by -5 MHz; Hask Head listens at -7.6.',
          fixes: { set: (plan) => void (headChannel(plan).txHz = 431_825_000) },
        },
      ],
    },
    {
      name: 'none',
      change: (plan) => void (headChannel(plan).txHz = 439_425_000),
      findings: [
        {
          message: 'none',
          pointer: `${HEAD}/txHz`,
          fixes: { set: (plan) => void (headChannel(plan).txHz = 431_825_000) },
        },
      ],
    },
    {
      name: 'the hotspot listens elsewhere',
      change: (plan) => void (plan.sites.byId['s1']!.rxHz = 434_125_000),
      findings: channelsAt(sitesPlan(), 'r1').map(({ id }) => ({
        message: 'none',
        pointer: `/codeplugs/r1/channels/byId/${id}/txHz`,
        fixes: {
          set: (plan) => void (plan.codeplugs['r1']!.channels.byId[id]!.txHz = 434_125_000),
          site: (plan) => void (plan.sites.byId['s1']!.rxHz = 439_125_000),
        },
      })),
    },
  ],
});
