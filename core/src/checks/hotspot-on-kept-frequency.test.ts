import { testCheck } from '../testing/check-tester';
import { moveHome } from '../testing/move-home';
import { hotspotOnKeptFrequency } from './hotspot-on-kept-frequency';

// From memory of the IARU band plans.
testCheck(hotspotOnKeptFrequency, {
  valid: [
    { name: 'clear' },
    { name: 'beside the calling frequency', change: moveHome(433_512_500) },
    {
      name: 'the calling frequency of another region',
      change: (plan) => (moveHome(145_500_000)(plan), void (plan.station.region = 'itu-2')),
    },
    {
      name: 'where the station’s own list keeps nothing',
      change: (plan) => (moveHome(433_500_000)(plan), void (plan.station.kept = [])),
    },
  ],
  invalid: [
    {
      name: '433.5 MHz in Region 1',
      change: moveHome(433_500_000),
      findings: [
        {
          message: 'on',
          pointer: '/sites/byId/s1/txHz',
          says: 'Home is on 433.5000 MHz; 433.49375–433.50625 MHz is kept for 70 cm FM calling.',
          fixes: { move: moveHome(433_487_500) },
        },
      ],
    },
    {
      name: '146.52 MHz in Region 2',
      change: (plan) => (moveHome(146_520_000)(plan), void (plan.station.region = 'itu-2')),
      findings: [
        {
          message: 'on',
          pointer: '/sites/byId/s1/txHz',
          fixes: { move: (plan) => moveHome(146_537_500)(plan) },
        },
      ],
    },
  ],
});
