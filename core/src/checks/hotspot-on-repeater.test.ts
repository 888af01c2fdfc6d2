import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { moveHome } from '../testing/move-home';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { hotspotOnRepeater } from './hotspot-on-repeater';

testCheck(hotspotOnRepeater, {
  plan: sitesPlan,
  valid: [
    { name: 'each on its own' },
    { name: 'one channel beside', change: moveHome(439_437_500) },
    {
      name: 'on one that is off the air',
      change: (plan) => (moveHome(439_425_000)(plan), void (repeaterOf(plan, 'rp1').listing.status = 'off the air')),
    },
    {
      name: 'on one that is far away',
      change: (plan) => (
        moveHome(439_425_000)(plan),
        void (repeaterOf(plan, 'rp1').listing.position = { lat: 50, lon: -33 })
      ),
    },
  ],
  invalid: [
    {
      name: 'on what one sends on',
      change: moveHome(439_425_000),
      findings: [
        {
          message: 'sends',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 439.4250 MHz; Hask Head sends on 439.4250 MHz, 0 km away.',
          fixes: { move: moveHome(439_412_500) },
        },
      ],
    },
    {
      name: 'within a channel width of what one listens on',
      change: moveHome(431_818_750),
      findings: [
        {
          message: 'listens',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 431.81875 MHz; Hask Head listens on 431.8250 MHz, 0 km away.',
          fixes: { move: moveHome(431_812_500) },
        },
      ],
    },
    {
      name: 'with one side of a duplex pair; nobody knows where the repeater is',
      change: (plan: Plan) => {
        Object.assign(plan.sites.byId['s1']!, { txHz: 434_325_000, rxHz: 439_425_000 });
        repeaterOf(plan, 'rp1').listing.position = null;
      },
      findings: [
        {
          message: 'sends',
          pointer: '/sites/byId/s1/rxHz',
          says: 'Home listens on 439.4250 MHz; Hask Head sends on 439.4250 MHz.',
          // The pair stays 5.1 MHz apart.
          fixes: {
            move: (plan) => void Object.assign(plan.sites.byId['s1']!, { txHz: 434_312_500, rxHz: 439_412_500 }),
          },
        },
      ],
    },
  ],
});
