import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { roomConnectionUnsaid } from './room-connection-unsaid';

testCheck(roomConnectionUnsaid, {
  plan: roomsPlan,
  valid: [
    { name: 'called from the channel' },
    { name: 'a hotspot says it', change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.room = '') },
  ],
  invalid: [
    {
      name: 'no number at a repeater',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.room = ''),
      findings: [
        {
          message: 'unsaid',
          pointer: roomPointer('w-news', 'c4fm', 'room'),
          says: 'Nobody has said what Dunsel Mixed is connected to, and the channel has no number; expected 52110.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.room = '52110') },
        },
      ],
    },
  ],
});
