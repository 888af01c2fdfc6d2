import { addedLike } from '../../../testing/added-channel';
import { testCheck } from '../../../testing/check-tester';
import { roomsPlan } from '../../../testing/sample-rooms';
import { putRow, removeRow } from '../../../plan/table';
import { noDisconnectEntry } from './no-disconnect-entry';

const gone = (plan: ReturnType<typeof roomsPlan>) =>
  removeRow(plan.codeplugs['r3']!.channels, 'ch-w-evening-disconnect');

testCheck(noDisconnectEntry, {
  plan: roomsPlan,
  valid: [
    { name: 'one at each site' },
    {
      name: 'a number kept in the radio',
      change: (plan) => {
        gone(plan);
        putRow(plan.codeplugs['r3']!.c4fm.rooms, { id: 'out', name: 'Leave', number: '99999', category: 1 });
      },
    },
    {
      name: 'what is not reached is told of as that',
      change: (plan) => {
        gone(plan);
        plan.sites.byId['s1']!.c4fm!.networkIds = ['rm2'];
      },
    },
  ],
  invalid: [
    {
      name: 'none at one',
      change: gone,
      findings: [
        {
          message: 'none',
          pointer: '/codeplugs/r3/channels',
          says: 'Rambler calls Isles Evening and Lantern Bridge through Home and has no entry for 99999, the way out.',
          fixes: { add: addedLike(roomsPlan(), 'r3', 'ch-w-evening-disconnect', 'ch-leave', 'ch-w-evening') },
        },
      ],
    },
  ],
});
