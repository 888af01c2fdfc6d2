import { testCheck } from '../testing/check-tester';
import { fmChannel, headChannel, repeaterOf, sitesPlan } from '../testing/sample-sites';
import { valueUnsaid } from './value-unsaid';

testCheck(valueUnsaid, {
  plan: sitesPlan,
  valid: [
    { name: 'all said that a channel needs' },
    {
      name: 'unsaid, and no channel goes there',
      change: (plan) => void (repeaterOf(plan, 'rp2').fm = { toneIn: null, toneOut: null, widthHz: null }),
    },
  ],
  invalid: [
    {
      name: 'a color code, told once for both channels',
      change: (plan) => void (repeaterOf(plan, 'rp1').dmr!.colorCode = null),
      findings: [
        {
          message: 'unsaid',
          pointer: '/sites/byId/rp1/dmr/colorCode',
          says: 'The color code of Hask Head is not said; 2 channels have 3, a guess.',
          fixes: { is: (plan) => void (repeaterOf(plan, 'rp1').dmr!.colorCode = 3) },
        },
      ],
    },
    {
      name: 'a color code on which the channels differ: nothing to confirm',
      change: (plan) => {
        repeaterOf(plan, 'rp1').dmr!.colorCode = null;
        headChannel(plan).dmr.colorCode = 7;
      },
      findings: [{ message: 'unsaid', pointer: '/sites/byId/rp1/dmr/colorCode' }],
    },
    {
      name: 'the tone and the width of an FM repeater',
      change: (plan) => {
        repeaterOf(plan, 'rp3').fm = { toneIn: null, toneOut: null, widthHz: null };
        fmChannel(plan).fm.toneTx = null;
      },
      findings: [
        {
          message: 'unsaid',
          pointer: '/sites/byId/rp3/fm/widthHz',
          fixes: { is: (plan) => void (repeaterOf(plan, 'rp3').fm!.widthHz = 12_500) },
        },
        {
          message: 'unsaid',
          pointer: '/sites/byId/rp3/fm/toneIn',
          says: 'The tone of Port Ellery is not said; “Port Ellery” has none, a guess.',
          fixes: { is: (plan) => void (repeaterOf(plan, 'rp3').fm!.toneIn = 'none') },
        },
      ],
    },
  ],
});
