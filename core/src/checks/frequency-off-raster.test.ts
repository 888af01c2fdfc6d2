import { testCheck } from '../testing/check-tester';
import { HEAD, headChannel, repeaterOf, sitesPlan } from '../testing/sample-sites';
import { frequencyOffRaster } from './frequency-off-raster';

testCheck(frequencyOffRaster, {
  plan: sitesPlan,
  valid: [
    { name: 'on it' },
    {
      name: 'on the raster of 6.25 kHz',
      change: (plan) => void Object.assign(headChannel(plan), { rxHz: 439_131_250, txHz: 431_531_250 }),
    },
  ],
  invalid: [
    {
      name: 'a digit slipped in a channel',
      change: (plan) => void (headChannel(plan).txHz = 431_825_400),
      findings: [
        {
          message: 'channel',
          pointer: `${HEAD}/txHz`,
          says: 'The channel has 431.8254 MHz; the nearest on the raster is 431.8250.',
          fixes: { set: (plan) => void (headChannel(plan).txHz = 431_825_000) },
        },
      ],
    },
    {
      name: 'a simplex channel moves whole',
      change: (plan) => void Object.assign(headChannel(plan), { rxHz: 439_000_100, txHz: 439_000_100, siteId: null }),
      findings: [
        {
          message: 'channel',
          pointer: `${HEAD}/rxHz`,
          fixes: { set: (plan) => void Object.assign(headChannel(plan), { rxHz: 439_000_000, txHz: 439_000_000 }) },
        },
      ],
    },
    {
      name: 'a site, and not its channels again',
      change: (plan) => {
        repeaterOf(plan, 'rp1').txHz = 439_425_300;
        for (const id of ['g1', 'g2']) headChannel(plan, id).rxHz = 439_425_300;
      },
      findings: [{ message: 'site', pointer: '/sites/byId/rp1/txHz' }],
    },
  ],
});
