import { testCheck } from '../testing/check-tester';
import { defaultPasswordKept } from './default-password-kept';

testCheck(defaultPasswordKept, {
  valid: [{ name: 'changed' }],
  invalid: [{ name: 'kept', change: (plan) => void (plan.profiles['s1']!.adminPassword = 'default'), findings: [{ message: 'kept', pointer: '/profiles/s1/adminPassword', fixes: { changed: (plan) => void (plan.profiles['s1']!.adminPassword = 'changed') } }] }],
});
