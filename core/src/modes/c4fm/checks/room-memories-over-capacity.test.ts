import { testCheck } from '../../../testing/check-tester';
import { roomsPlan } from '../../../testing/sample-rooms';
import { putRow } from '../../../plan/table';
import { roomMemoriesOverCapacity } from './room-memories-over-capacity';

const keep =
  (count: number, category = 1) =>
  (plan: ReturnType<typeof roomsPlan>) => {
    for (let at = 0; at < count; at += 1)
      putRow(plan.codeplugs['r3']!.c4fm.rooms, {
        id: `m${category}-${at}`,
        name: `Room ${at}`,
        number: '41205',
        category,
      });
  };
const pointer = '/codeplugs/r3/c4fm/rooms';

testCheck(roomMemoriesOverCapacity, {
  plan: roomsPlan,
  valid: [
    { name: 'none' },
    { name: 'a category full', change: keep(3) },
    {
      name: 'stored DTMF codes instead',
      change: (plan) => {
        keep(2)(plan);
        Object.assign(plan.radios.byId['r3']!.c4fm!, { rooms: null, dtmfMemories: 2 });
      },
    },
  ],
  invalid: [
    {
      name: 'one too many',
      change: keep(4),
      findings: [{ message: 'category', pointer, says: 'Rambler is to keep 4 rooms in category 1; it keeps 3.' }],
    },
    {
      name: 'a third category',
      change: keep(1, 3),
      findings: [
        { message: 'categories', pointer, says: 'Rambler is to keep rooms in category 3; it has 2 categories.' },
      ],
    },
    {
      name: 'a radio that keeps none',
      change: (plan) => {
        keep(2)(plan);
        plan.radios.byId['r3']!.c4fm!.rooms = null;
      },
      findings: [{ message: 'none', pointer, says: 'Rambler is to keep 2 rooms; it keeps none.' }],
    },
  ],
});
