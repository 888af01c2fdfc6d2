import { profileOf } from '../../../testing/profile-of';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { bothNetworks, causeway } from '../../../testing/sample-routes';
import { groupNotCarried } from './group-not-carried';

const aimed = (plan: Plan) => {
  causeway(plan);
  channelOf(plan, 'g1').destination = { mode: 'dmr', kind: 'group', networkId: 'n2', groupId: 'k1' };
};

testCheck(groupNotCarried, {
  valid: [
    { name: 'its network is on' },
    {
      name: 'no network is on: the login says so',
      change: (plan) => (aimed(plan), void (profileOf(plan, 's1').dmr.logins['n1']!.enabled = false)),
    },
  ],
  invalid: [
    {
      name: 'another network is on',
      change: aimed,
      findings: [
        {
          message: 'not',
          pointer: `${CHANNEL}/destination/networkId`,
          says: 'Harbour is on Causeway; Home is logged in to Lantern.',
          fixes: {
            switch: (plan) => {
              profileOf(plan, 's1').dmr.logins['n1']!.enabled = false;
              profileOf(plan, 's1').dmr.logins['n2']!.enabled = true;
            },
          },
        },
      ],
    },
    {
      name: 'several are chosen from, but not this',
      change: (plan) => (bothNetworks(plan), aimed(plan), void (profileOf(plan, 's1').dmr.selection = 'several')),
      findings: [
        {
          message: 'not',
          pointer: `${CHANNEL}/destination/networkId`,
          fixes: { enable: (plan) => void (profileOf(plan, 's1').dmr.logins['n2']!.enabled = true) },
        },
      ],
    },
    {
      name: 'it has no login at all',
      change: (plan) => (aimed(plan), void delete profileOf(plan, 's1').dmr.logins['n2']),
      findings: [{ message: 'not', pointer: `${CHANNEL}/destination/networkId` }],
    },
  ],
});
