import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { p25Network } from '../links';
import { p25ReachUnsaid } from './p25-reach-unsaid';

const pointer = '/sites/byId/rp6/p25/networkIds';
const reaches = {
  reaches: (plan: ReturnType<typeof p25Plan>) => void (plan.sites.byId['rp6']!.p25!.networkIds = ['p1']),
};

testCheck(p25ReachUnsaid, {
  plan: p25Plan,
  valid: [{ name: 'said' }],
  invalid: [
    {
      name: 'two networks of one name: the press takes the one that is meant',
      change: (plan) => {
        const network = { ...p25Network(plan, 'p1')!, id: 'p0' };
        plan.networks.byId['p0'] = network;
        plan.networks.order.unshift('p0');
        plan.sites.byId['rp6']!.p25!.networkIds = [];
      },
      findings: [{ message: 'unsaid', pointer, fixes: reaches }],
    },
    {
      name: 'nobody has said: told once, for all channels',
      change: (plan) => void (plan.sites.byId['rp6']!.p25!.networkIds = []),
      findings: [
        { message: 'unsaid', pointer, says: 'Nobody has said whether Tarn Hill reaches Foghorn.', fixes: reaches },
      ],
    },
  ],
});
