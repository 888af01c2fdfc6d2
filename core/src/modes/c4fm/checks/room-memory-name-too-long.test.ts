import { testCheck } from '../../../testing/check-tester';
import { roomsPlan } from '../../../testing/sample-rooms';
import { putRow } from '../../../plan/table';
import { roomMemoryNameTooLong } from './room-memory-name-too-long';

const called = (name: string) => (plan: ReturnType<typeof roomsPlan>) =>
  putRow(plan.codeplugs['r3']!.c4fm.rooms, { id: 'm1', name, number: '41205', category: 1 });

testCheck(roomMemoryNameTooLong, {
  plan: roomsPlan,
  valid: [{ name: 'none' }, { name: 'twelve characters', change: called('Isles Evenin') }],
  invalid: [
    {
      name: 'thirteen',
      change: called('Isles Evening'),
      findings: [
        {
          message: 'long',
          pointer: '/codeplugs/r3/c4fm/rooms/byId/m1/name',
          says: '“Isles Evening” has 13 characters; Rambler keeps 12.',
          fixes: { shorten: (plan) => void (plan.codeplugs['r3']!.c4fm.rooms.byId['m1']!.name = 'Isles Eve') },
        },
      ],
    },
  ],
});
