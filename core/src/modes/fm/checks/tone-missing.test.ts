import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { toneMissing } from './tone-missing';

testCheck(toneMissing, {
  plan: sitesPlan,
  valid: [
    { name: 'the site’s tone' },
    {
      name: 'a site that needs none',
      change: (plan) => {
        fmChannel(plan).fm.toneTx = null;
        repeaterOf(plan, 'rp3').fm!.toneIn = null;
      },
    },
    {
      name: 'on the receiving side is told of elsewhere',
      change: (plan) => void Object.assign(fmChannel(plan).fm, { toneTx: null, toneRx: '110.9' }),
    },
    { name: 'another tone is told of elsewhere', change: (plan) => void (fmChannel(plan).fm.toneTx = '107.2') },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => void (fmChannel(plan).fm.toneTx = null),
      findings: [
        {
          message: 'missing',
          pointer: `${FM}/fm/toneTx`,
          says: 'The channel sends no tone; Port Ellery opens on 110.9 Hz.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.toneTx = '110.9') },
        },
      ],
    },
  ],
});
