import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, repeaterOf, sitesPlan } from '../../../testing/sample-sites';
import { toneHeardDiffers } from './tone-heard-differs';

testCheck(toneHeardDiffers, {
  plan: sitesPlan,
  valid: [
    { name: 'open to any signal' },
    {
      name: 'a tone, and nobody has said what the site sends',
      change: (plan) => void (fmChannel(plan).fm.toneRx = '110.9'),
    },
    {
      name: 'the same digital code by its other name',
      change: (plan) => {
        fmChannel(plan).fm.toneRx = 'D023I';
        repeaterOf(plan, 'rp3').fm!.toneOut = 'D047N';
      },
    },
    {
      name: 'the tone the site sends',
      change: (plan) => {
        fmChannel(plan).fm.toneRx = '88.5';
        repeaterOf(plan, 'rp3').fm!.toneOut = '88.5';
      },
    },
  ],
  invalid: [
    {
      name: 'the access tone on the wrong side',
      change: (plan) => {
        fmChannel(plan).fm.toneRx = '110.9';
        repeaterOf(plan, 'rp3').fm!.toneOut = 'none';
      },
      findings: [
        {
          message: 'none',
          pointer: `${FM}/fm/toneRx`,
          says: 'The channel opens on 110.9 Hz; Port Ellery sends no tone.',
          fixes: { open: (plan) => void (fmChannel(plan).fm.toneRx = null) },
        },
      ],
    },
    {
      name: 'another than the site sends',
      change: (plan) => {
        fmChannel(plan).fm.toneRx = '110.9';
        repeaterOf(plan, 'rp3').fm!.toneOut = '88.5';
      },
      findings: [
        {
          message: 'differs',
          pointer: `${FM}/fm/toneRx`,
          says: 'The channel opens on 110.9 Hz; Port Ellery sends 88.5 Hz.',
          fixes: { open: (plan) => void (fmChannel(plan).fm.toneRx = null) },
        },
      ],
    },
  ],
});
