import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { receivesAnalogOnly } from './receives-analog-only';

testCheck(receivesAnalogOnly, {
  plan: roomsPlan,
  valid: [
    { name: 'digital at a hotspot, auto at a mixed site' },
    {
      name: 'digital at a mixed site is told of elsewhere',
      change: (plan) => void Object.assign(roomChannel(plan, 'w-news').c4fm, { receive: 'digital', toneTx: null }),
    },
  ],
  invalid: [
    {
      name: 'analog at a mixed site',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.receive = 'analog'),
      findings: [
        {
          message: 'analog',
          pointer: roomPointer('w-news', 'c4fm', 'receive'),
          says: 'The channel is set to analog; expected auto.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.receive = 'auto') },
        },
      ],
    },
    {
      name: 'analog at a hotspot',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.receive = 'analog'),
      findings: [
        {
          message: 'analog',
          pointer: roomPointer('w-evening', 'c4fm', 'receive'),
          fixes: { set: (plan) => void (roomChannel(plan, 'w-evening').c4fm.receive = 'digital') },
        },
      ],
    },
  ],
});
