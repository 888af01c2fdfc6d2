import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, sitesPlan } from '../../../testing/sample-sites';
import { toneOnWrongSide } from './tone-on-wrong-side';

testCheck(toneOnWrongSide, {
  plan: sitesPlan,
  valid: [
    { name: 'sent' },
    { name: 'none at all is told of elsewhere', change: (plan) => void (fmChannel(plan).fm.toneTx = null) },
    { name: 'on both sides', change: (plan) => void (fmChannel(plan).fm.toneRx = '110.9') },
  ],
  invalid: [
    {
      name: 'heard instead of sent',
      change: (plan) => void Object.assign(fmChannel(plan).fm, { toneTx: null, toneRx: '110.9' }),
      findings: [
        {
          message: 'swapped',
          pointer: `${FM}/fm/toneTx`,
          says: 'The channel opens on 110.9 Hz and sends no tone; Port Ellery opens on 110.9 Hz.',
          fixes: { swap: (plan) => void Object.assign(fmChannel(plan).fm, { toneTx: '110.9', toneRx: null }) },
        },
      ],
    },
  ],
});
