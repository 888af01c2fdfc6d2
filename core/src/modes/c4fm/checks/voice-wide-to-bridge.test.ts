import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { voiceWideToBridge } from './voice-wide-to-bridge';

testCheck(voiceWideToBridge, {
  plan: roomsPlan,
  valid: [
    { name: 'narrow' },
    {
      name: 'wide to a room without a bridge',
      change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.voice = 'wide'),
    },
  ],
  invalid: [
    {
      name: 'wide to a room that bridges to DMR',
      change: (plan) => void (roomChannel(plan, 'w-bridge').c4fm.voice = 'wide'),
      findings: [
        {
          message: 'wide',
          pointer: roomPointer('w-bridge', 'c4fm', 'voice'),
          says: 'The channel sends wide voice; what it is meant for is behind a bridge, which takes narrow only.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-bridge').c4fm.voice = 'narrow') },
        },
      ],
    },
  ],
});
