import { profileOf } from '../../../testing/profile-of';
import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { roomNotConnected } from './room-not-connected';

const set = { set: (plan: ReturnType<typeof roomsPlan>) => void (roomChannel(plan, 'w-evening').c4fm.room = '41205') };
const pointer = roomPointer('w-evening', 'c4fm', 'room');

testCheck(roomNotConnected, {
  plan: roomsPlan,
  valid: [
    { name: 'called from the channel' },
    {
      name: 'connected at start',
      change: (plan) => {
        roomChannel(plan, 'w-evening').c4fm.room = '';
        profileOf(plan, 's1').c4fm.startRoom = 41_205;
      },
    },
  ],
  invalid: [
    {
      name: 'no number',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.room = ''),
      findings: [
        {
          message: 'nothing',
          pointer,
          says: 'Home is connected to nothing, and the channel has no number; expected 41205.',
          fixes: set,
        },
      ],
    },
    {
      name: 'connected elsewhere at start',
      change: (plan) => {
        roomChannel(plan, 'w-evening').c4fm.room = '';
        profileOf(plan, 's1').c4fm.startRoom = 41_377;
      },
      findings: [
        {
          message: 'elsewhere',
          pointer,
          says: 'Home is connected to 41377, and the channel has no number; expected 41205.',
          fixes: set,
        },
      ],
    },
  ],
});
