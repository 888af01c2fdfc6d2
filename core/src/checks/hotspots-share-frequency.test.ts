import { addHotspot } from '../plan/hotspot';
import type { Plan } from '../plan/types';
import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { hotspotsShareFrequency } from './hotspots-share-frequency';

const second = (hz: number) => (plan: Plan) => addHotspot(plan, 's2', 'Boat', hz, ['dmr']);

testCheck(hotspotsShareFrequency, {
  valid: [
    { name: 'one' },
    { name: 'two, each on its own', change: second(439_137_500) },
    {
      name: 'two on one frequency, far from each other',
      change: (plan) => {
        second(439_125_000)(plan);
        profileOf(plan, 's1').location = { lat: 46.7, lon: -33.4, publish: false };
        profileOf(plan, 's2').location = { lat: 48, lon: -33.4, publish: false };
      },
    },
  ],
  invalid: [
    {
      name: 'two on one frequency, told once',
      change: second(439_125_000),
      findings: [
        {
          message: 'both',
          pointer: '/sites/byId/s2/txHz',
          says: 'Boat is on 439.1250 MHz; Home uses 439.1250 MHz.',
          fixes: {
            move: (plan) => void Object.assign(plan.sites.byId['s2']!, { txHz: 439_112_500, rxHz: 439_112_500 }),
          },
        },
      ],
    },
    {
      name: 'what one sends on is what the other listens on',
      change: (plan) => (second(434_000_000)(plan), void (plan.sites.byId['s2']!.rxHz = 439_125_000)),
      findings: [
        {
          message: 'both',
          pointer: '/sites/byId/s2/rxHz',
          says: 'Boat listens on 439.1250 MHz; Home uses 439.1250 MHz.',
          fixes: {
            move: (plan) => void Object.assign(plan.sites.byId['s2']!, { txHz: 433_987_500, rxHz: 439_112_500 }),
          },
        },
      ],
    },
  ],
});
