import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { toneOnDigitalOnly } from './tone-on-digital-only';

testCheck(toneOnDigitalOnly, {
  plan: roomsPlan,
  valid: [
    { name: 'none' },
    {
      name: 'on a channel that follows what comes',
      change: (plan) =>
        void (roomChannel(plan, 'w-evening').c4fm = {
          ...roomChannel(plan, 'w-evening').c4fm,
          receive: 'auto',
          toneTx: '88.5',
        }),
    },
  ],
  invalid: [
    {
      name: 'sent',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.toneTx = '88.5'),
      findings: [
        {
          message: 'hidden',
          pointer: roomPointer('w-evening', 'c4fm', 'toneTx'),
          says: 'The channel is digital only and holds a tone, 88.5 Hz, which the radio hides.',
          fixes: { clear: (plan) => void (roomChannel(plan, 'w-evening').c4fm.toneTx = null) },
        },
      ],
    },
    {
      name: 'heard',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.toneRx = 'D023N'),
      findings: [
        {
          message: 'hidden',
          pointer: roomPointer('w-evening', 'c4fm', 'toneRx'),
          fixes: { clear: (plan) => void (roomChannel(plan, 'w-evening').c4fm.toneRx = null) },
        },
      ],
    },
    {
      name: 'both are one slip',
      change: (plan) => void Object.assign(roomChannel(plan, 'w-evening').c4fm, { toneTx: '88.5', toneRx: '88.5' }),
      findings: [
        {
          message: 'hidden',
          pointer: roomPointer('w-evening', 'c4fm', 'toneTx'),
          fixes: {
            clear: (plan) => void Object.assign(roomChannel(plan, 'w-evening').c4fm, { toneTx: null, toneRx: null }),
          },
        },
      ],
    },
  ],
});
