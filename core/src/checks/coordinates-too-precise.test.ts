import { profileOf } from '../testing/profile-of';
import { testCheck } from '../testing/check-tester';
import { coordinatesTooPrecise } from './coordinates-too-precise';

testCheck(coordinatesTooPrecise, {
  valid: [
    { name: 'no position' },
    {
      name: 'two decimals published',
      change: (plan) => void (profileOf(plan, 's1').location = { lat: 46.71, lon: -33.42, publish: true }),
    },
    {
      name: 'precise but kept',
      change: (plan) => void (profileOf(plan, 's1').location = { lat: 46.71234, lon: -33.42, publish: false }),
    },
  ],
  invalid: [
    {
      name: 'three decimals published',
      change: (plan) => void (profileOf(plan, 's1').location = { lat: 46.712, lon: -33.42, publish: true }),
      findings: [
        {
          message: 'precise',
          pointer: '/profiles/byId/s1/set/location',
          says: 'Home publishes 46.712, -33.42; expected at most two decimals.',
          fixes: { round: (plan) => void (profileOf(plan, 's1').location!.lat = 46.71) },
        },
      ],
    },
  ],
});
