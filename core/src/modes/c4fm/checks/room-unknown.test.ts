import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { roomUnknown } from './room-unknown';

const calls = (room: string) => (plan: ReturnType<typeof roomsPlan>) =>
  void Object.assign(roomChannel(plan, 'w-evening'), {
    destination: null,
    c4fm: { ...roomChannel(plan, 'w-evening').c4fm, room },
  });

testCheck(roomUnknown, {
  plan: roomsPlan,
  valid: [
    { name: 'meant' },
    { name: 'known, though not meant', change: calls('41377') },
    { name: 'the way out', change: calls('99999') },
  ],
  invalid: [
    {
      name: 'in no list',
      change: calls('40000'),
      findings: [
        {
          message: 'unknown',
          pointer: roomPointer('w-evening', 'c4fm', 'room'),
          says: 'The channel calls 40000; expected one of Skerry.',
        },
      ],
    },
    {
      name: 'of a site that reaches nothing known',
      change: (plan) => {
        calls('41205')(plan);
        plan.sites.byId['s1']!.c4fm!.networkIds = [];
      },
      findings: [
        {
          message: 'unknown',
          pointer: roomPointer('w-evening', 'c4fm', 'room'),
          says: 'The channel calls 41205; expected one of a network it reaches.',
        },
      ],
    },
  ],
});
