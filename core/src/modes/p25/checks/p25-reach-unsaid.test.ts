import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { p25ReachUnsaid } from './p25-reach-unsaid';

const pointer = '/sites/byId/rp6/p25/networkIds';
const reaches = { reaches: (plan: ReturnType<typeof p25Plan>) => void (plan.sites.byId['rp6']!.p25!.networkIds = ['p1']) };

testCheck(p25ReachUnsaid, {
  plan: p25Plan,
  valid: [{ name: 'said' }],
  invalid: [{ name: 'nobody has said', change: (plan) => void (plan.sites.byId['rp6']!.p25!.networkIds = []), findings: [{ message: 'unsaid', pointer, says: 'Nobody has said whether Tarn Hill reaches Foghorn.', fixes: reaches }, { message: 'unsaid', pointer, fixes: reaches }] }],
});
