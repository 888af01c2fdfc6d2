import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, sitesPlan } from '../../../testing/sample-sites';
import { bandwidthDiffers } from './bandwidth-differs';

testCheck(bandwidthDiffers, {
  plan: sitesPlan,
  valid: [{ name: 'the site’s' }],
  invalid: [
    {
      name: 'wide at a narrow site',
      change: (plan) => void (fmChannel(plan).fm.widthHz = 25_000),
      findings: [
        {
          message: 'differs',
          pointer: `${FM}/fm/widthHz`,
          says: 'The channel is 25 kHz wide; Port Ellery is 12.5 kHz.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.widthHz = 12_500) },
        },
      ],
    },
  ],
});
