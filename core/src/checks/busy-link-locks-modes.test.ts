import { setPair } from '../plan/carriage';
import { NETWORK_MODE_IDS } from '../plan/modes';
import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';
import { busyLinkLocksModes } from './busy-link-locks-modes';

const statics = (category: 'local' | 'world') => (plan: Plan) => {
  const network = plan.networks.byId['n1']!;
  if (network.mode === 'dmr') network.groups.byId['g1']!.category = category;
  profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = ['g1'];
};

// Common practice: a busy destination on one mode keeps the others out.
testCheck(busyLinkLocksModes, {
  plan: everyMode,
  valid: [
    { name: 'nothing is linked' },
    { name: 'a quiet group', change: statics('local') },
    {
      name: 'a busy one where no other mode waits',
      change: (plan) => {
        statics('world')(plan);
        for (const mode of NETWORK_MODE_IDS)
          if (mode !== 'dmr') setPair(profileOf(plan, 's1'), mode, mode, { on: false });
      },
    },
    {
      name: 'standby is told of as that',
      change: (plan) => (statics('world')(plan), void (profileOf(plan, 's1').standby = true)),
    },
  ],
  invalid: [
    {
      name: 'a group of the world',
      change: statics('world'),
      findings: [
        {
          message: 'busy',
          pointer: '/profiles/byId/s1/set/dmr/logins/n1/staticGroupIds',
          says: 'Home hears DMR group 417 of Lantern from the start; meanwhile D-STAR and C4FM and P25 wait.',
          fixes: { out: (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = []) },
        },
      ],
    },
    {
      name: 'a room that many are connected to',
      change: (plan) => {
        const network = plan.networks.byId['rm1']!;
        if (network.mode === 'c4fm') network.rooms.byId['evening']!.activity = 80;
        profileOf(plan, 's1').c4fm.startRoom = 41_205;
      },
      findings: [
        {
          message: 'busy',
          pointer: '/profiles/byId/s1/set/c4fm/startRoom',
          fixes: { out: (plan) => void (profileOf(plan, 's1').c4fm.startRoom = null) },
        },
      ],
    },
  ],
});
