import { testCheck } from '../testing/check-tester';
import { crossedPlan } from '../testing/sample-crossing';
import { crossingOff } from './crossing-off';

testCheck(crossingOff, {
  plan: crossedPlan,
  valid: [{ name: 'on' }],
  invalid: [{ name: 'off', change: (plan) => void (plan.profiles['s1']!.crossings = ['dmr-c4fm']), findings: [{ message: 'off', pointer: '/profiles/s1/crossings', says: 'The channel needs C4FM to DMR; Home has it switched off.', fixes: { on: (plan) => void plan.profiles['s1']!.crossings.push('c4fm-dmr') } }] }],
});
