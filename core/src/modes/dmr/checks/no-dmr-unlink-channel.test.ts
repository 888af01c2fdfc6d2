import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { addedLike } from '../../../testing/added-channel';
import { testCheck } from '../../../testing/check-tester';
import { profileOf } from '../../../testing/profile-of';
import { channelOf, samplePlan } from '../../../testing/sample-plan';
import { dmrNetwork } from '../networks';
import { noDmrUnlinkChannel } from './no-dmr-unlink-channel';

const add = (plan: Plan) => {
  const destination = { mode: 'dmr', kind: 'special', networkId: 'n1', special: 'unlink' } as const;
  const { dmr } = channelOf(samplePlan(), 'g1');
  const unlinks = { ...dmr, call: { kind: 'group' as const, number: 4000 }, receiveListId: null };
  addedLike(samplePlan(), 'r1', 'ch-w-g1', 'ch-unlink', 'ch-w-g1', { name: 'Unlink', destination, dmr: unlinks })(plan);
  putRow(plan.codeplugs['r1']!.dmr.contacts, { id: 'ct-g4000', name: 'Unlink', kind: 'group', number: 4000 });
};
const standby = (plan: Plan) => void (profileOf(plan, 's1').standby = true);

testCheck(noDmrUnlinkChannel, {
  valid: [
    { name: 'a group is dropped after ten minutes' },
    {
      name: 'standby, with a channel for the way out',
      change: (plan) => {
        standby(plan);
        const out = JSON.parse(JSON.stringify(channelOf(plan, 'g1'))) as ReturnType<typeof channelOf>;
        putRow(plan.codeplugs['r1']!.channels, {
          ...out,
          id: 'out',
          name: 'Out',
          wantId: null,
          built: null,
          destination: { mode: 'dmr', kind: 'special', networkId: 'n1', special: 'unlink' },
          dmr: { ...out.dmr, call: { kind: 'group', number: 4000 } },
        });
      },
    },
    {
      name: 'standby, and the network has no such number',
      change: (plan) => (standby(plan), void (dmrNetwork(plan, 'n1')!.special.unlink = null)),
    },
  ],
  invalid: [
    {
      name: 'standby without it',
      change: standby,
      findings: [
        {
          message: 'none',
          pointer: '/codeplugs/r1/channels',
          says: 'Handheld calls groups of Lantern through Home and has no channel for group 4000, which unlinks.',
          fixes: { add },
        },
      ],
    },
    {
      name: 'a network that keeps a group for an hour',
      change: (plan) => void (dmrNetwork(plan, 'n1')!.dynamicTimerMin = 60),
      findings: [{ message: 'none', pointer: '/codeplugs/r1/channels', fixes: { add } }],
    },
  ],
});
