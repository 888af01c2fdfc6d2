import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { roomNumberDiffers } from './room-number-differs';

const calls = (part: string, room: string) => (plan: ReturnType<typeof roomsPlan>) =>
  void (roomChannel(plan, part).c4fm.room = room);
const pointer = roomPointer('w-evening', 'c4fm', 'room');

testCheck(roomNumberDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'its own' },
    { name: 'digits that are no number are told of elsewhere', change: calls('w-evening', '4120') },
  ],
  invalid: [
    {
      name: 'another room',
      change: calls('w-evening', '41377'),
      findings: [
        {
          message: 'differs',
          pointer,
          says: 'The channel calls 41377; expected 41205.',
          fixes: { set: calls('w-evening', '41205') },
        },
      ],
    },
    {
      name: 'the number that disconnects',
      change: calls('w-evening', '99999'),
      findings: [
        {
          message: 'leaves',
          pointer,
          says: 'The channel calls 99999, which disconnects and is no room; expected 41205.',
          fixes: { set: calls('w-evening', '41205') },
        },
      ],
    },
    {
      name: 'a way out that calls nothing',
      change: calls('w-evening-disconnect', ''),
      findings: [
        {
          message: 'nothing',
          pointer: roomPointer('w-evening-disconnect', 'c4fm', 'room'),
          says: 'The channel calls nothing; expected 99999.',
          fixes: { set: calls('w-evening-disconnect', '99999') },
        },
      ],
    },
  ],
});
