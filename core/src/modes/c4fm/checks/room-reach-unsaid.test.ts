import { testCheck } from '../../../testing/check-tester';
import { roomsPlan } from '../../../testing/sample-rooms';
import { roomNetwork } from '../rooms';
import { roomReachUnsaid } from './room-reach-unsaid';

const pointer = '/sites/byId/rp5/c4fm/networkIds';
const reaches = {
  reaches: (plan: ReturnType<typeof roomsPlan>) => void (plan.sites.byId['rp5']!.c4fm!.networkIds = ['rm2']),
};

testCheck(roomReachUnsaid, {
  plan: roomsPlan,
  valid: [
    { name: 'said' },
    {
      name: 'another is told of elsewhere',
      change: (plan) => void (plan.sites.byId['rp5']!.c4fm!.networkIds = ['rm1']),
    },
  ],
  invalid: [
    {
      name: 'two networks of one name: the press takes the one that is meant',
      change: (plan) => {
        const network = { ...roomNetwork(plan, 'rm2')!, id: 'rm0' };
        plan.networks.byId['rm0'] = network;
        plan.networks.order.unshift('rm0');
        plan.sites.byId['rp5']!.c4fm!.networkIds = [];
      },
      findings: [{ message: 'unsaid', pointer, fixes: reaches }],
    },
    {
      name: 'nobody has said: told once, for both channels',
      change: (plan) => void (plan.sites.byId['rp5']!.c4fm!.networkIds = []),
      findings: [
        { message: 'unsaid', pointer, says: 'Nobody has said whether Dunsel Mixed reaches Mainland.', fixes: reaches },
      ],
    },
  ],
});
