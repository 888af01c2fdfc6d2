import { testCheck } from '../../../testing/check-tester';
import { roomsPlan } from '../../../testing/sample-rooms';
import { putRow } from '../../../plan/table';
import { roomMemoryUnknown } from './room-memory-unknown';

const keeps = (number: string) => (plan: ReturnType<typeof roomsPlan>) =>
  putRow(plan.codeplugs['r3']!.c4fm.rooms, { id: 'm1', name: 'Somewhere', number, category: 1 });
const pointer = '/codeplugs/r3/c4fm/rooms/byId/m1/number';

testCheck(roomMemoryUnknown, {
  plan: roomsPlan,
  valid: [
    { name: 'none' },
    { name: 'a room', change: keeps('41205') },
    { name: 'the way out', change: keeps('99999') },
  ],
  invalid: [
    {
      name: 'in no list',
      change: keeps('40000'),
      findings: [
        { message: 'unknown', pointer, says: '“Somewhere” in Rambler is 40000, which no network of the plan lists.' },
      ],
    },
    {
      name: 'four digits',
      change: keeps('4120'),
      findings: [{ message: 'digits', pointer, says: '“Somewhere” in Rambler is 4120; expected five digits.' }],
    },
  ],
});
