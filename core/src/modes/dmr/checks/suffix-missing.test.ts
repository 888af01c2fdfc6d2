import { testCheck } from '../../../testing/check-tester';
import { suffixMissing } from './suffix-missing';

testCheck(suffixMissing, {
  valid: [{ name: 'there' }, { name: 'a login that is off', change: (plan) => Object.assign(plan.profiles['s1']!.dmr.logins['n1']!, { enabled: false, suffix: null }) }],
  invalid: [{ name: 'none', change: (plan) => void (plan.profiles['s1']!.dmr.logins['n1']!.suffix = null), findings: [{ message: 'missing', pointer: '/profiles/s1/dmr/logins/n1/suffix', fixes: { set: (plan) => void (plan.profiles['s1']!.dmr.logins['n1']!.suffix = 1) } }] }],
});
