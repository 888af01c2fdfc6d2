import { testCheck } from '../../../testing/check-tester';
import { roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import { voiceDiffers } from './voice-differs';

testCheck(voiceDiffers, {
  plan: roomsPlan,
  valid: [
    { name: 'the site’s' },
    { name: 'a site that passes both', change: (plan) => void (roomChannel(plan, 'w-evening').c4fm.voice = 'wide') },
  ],
  invalid: [
    {
      name: 'wide at a narrow site',
      change: (plan) => void (roomChannel(plan, 'w-news').c4fm.voice = 'wide'),
      findings: [
        {
          message: 'differs',
          pointer: roomPointer('w-news', 'c4fm', 'voice'),
          says: 'The channel sends wide voice; Dunsel Mixed passes narrow.',
          fixes: { set: (plan) => void (roomChannel(plan, 'w-news').c4fm.voice = 'narrow') },
        },
      ],
    },
  ],
});
