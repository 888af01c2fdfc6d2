import { testCheck } from '../testing/check-tester';
import { coordinatesTooPrecise } from './coordinates-too-precise';

testCheck(coordinatesTooPrecise, {
  valid: [
    { name: 'no position' },
    { name: 'two decimals published', change: (plan) => void (plan.profiles['s1']!.location = { lat: 46.71, lon: -33.42, publish: true }) },
    { name: 'precise but kept', change: (plan) => void (plan.profiles['s1']!.location = { lat: 46.71234, lon: -33.42, publish: false }) },
  ],
  invalid: [
    {
      name: 'three decimals published',
      change: (plan) => void (plan.profiles['s1']!.location = { lat: 46.712, lon: -33.42, publish: true }),
      findings: [{ message: 'precise', pointer: '/profiles/s1/location', says: 'Home publishes 46.712, -33.42; expected at most two decimals.', fixes: { round: (plan) => void (plan.profiles['s1']!.location!.lat = 46.71) } }],
    },
  ],
});
