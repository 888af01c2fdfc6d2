import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { roomNumberMalformed } from './room-number-malformed';

const calls = (room: string) => (plan: ReturnType<typeof roomsPlan>) =>
  void (roomChannel(plan, 'w-evening').c4fm.room = room);
const pointer = roomPointer('w-evening', 'c4fm', 'room');

testCheck(roomNumberMalformed, {
  plan: roomsPlan,
  valid: [{ name: 'five digits' }, { name: 'five other digits', change: calls('41377') }],
  invalid: [
    {
      name: 'four digits',
      change: calls('4120'),
      findings: [
        {
          message: 'digits',
          pointer,
          says: 'The channel calls “4120”; expected five digits.',
          fixes: { set: calls('41205') },
        },
      ],
    },
    {
      name: 'six digits and nothing meant',
      change: (plan) => {
        calls('412055')(plan);
        roomChannel(plan, 'w-evening').destination = null;
      },
      findings: [{ message: 'digits', pointer }],
    },
    {
      name: 'zeros left out, and nothing meant',
      change: (plan) => {
        calls('417')(plan);
        roomChannel(plan, 'w-evening').destination = null;
      },
      findings: [{ message: 'digits', pointer, fixes: { set: calls('00417') } }],
    },
  ],
});
