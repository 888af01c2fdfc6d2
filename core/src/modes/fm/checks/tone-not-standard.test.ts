import { testCheck } from '../../../testing/check-tester';
import type { Plan } from '../../../plan/types';
import { FM, fmChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { toneNotStandard } from './tone-not-standard';

testCheck(toneNotStandard, {
  plan: sitesPlan,
  valid: [
    { name: 'of the table' },
    ...['107.2', '100.0', '162.2', 'D023N'].map((tone) => ({
      name: tone,
      change: (plan: Plan) => {
        fmChannel(plan).fm.toneTx = tone;
        repeaterOf(plan, 'rp3').fm!.toneIn = tone;
      },
    })),
  ],
  invalid: [
    {
      name: '110.0',
      change: (plan) => void (fmChannel(plan).fm.toneTx = '110.0'),
      findings: [
        {
          message: 'none',
          pointer: `${FM}/fm/toneTx`,
          says: 'The channel has 110.0 Hz; the nearest tone of the table is 110.9 Hz.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.toneTx = '110.9') },
        },
      ],
    },
    {
      name: 'both sides alike are one slip',
      change: (plan) => void Object.assign(fmChannel(plan).fm, { toneTx: 'D024N', toneRx: 'D024N' }),
      findings: [
        {
          message: 'none',
          pointer: `${FM}/fm/toneTx`,
          fixes: { set: (plan) => void Object.assign(fmChannel(plan).fm, { toneTx: 'D023N', toneRx: 'D023N' }) },
        },
      ],
    },
  ],
});
