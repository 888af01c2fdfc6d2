import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { toneDiffers } from './tone-differs';

testCheck(toneDiffers, {
  plan: sitesPlan,
  valid: [
    { name: 'the same' },
    { name: 'a tone nobody asked for', change: (plan) => void (repeaterOf(plan, 'rp3').fm!.toneIn = null) },
  ],
  invalid: [
    {
      name: 'another tone',
      change: (plan) => void (fmChannel(plan).fm.toneTx = '107.2'),
      findings: [
        {
          message: 'differs',
          pointer: `${FM}/fm/toneTx`,
          says: 'The channel sends 107.2 Hz; Port Ellery opens on 110.9 Hz.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.toneTx = '110.9') },
        },
      ],
    },
    {
      name: 'a code inverted',
      change: (plan) => {
        repeaterOf(plan, 'rp3').fm!.toneIn = 'D023N';
        fmChannel(plan).fm.toneTx = 'D023I';
      },
      findings: [
        {
          message: 'differs',
          pointer: `${FM}/fm/toneTx`,
          says: 'The channel sends DCS 023 inverted (047 normal); Port Ellery opens on DCS 023.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.toneTx = 'D023N') },
        },
      ],
    },
  ],
});
