import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, sitesPlan } from '../../../testing/sample-sites';
import { bandwidthNotOfCountry } from './bandwidth-not-of-country';

testCheck(bandwidthNotOfCountry, {
  plan: sitesPlan,
  valid: [
    { name: 'the country’s' },
    { name: 'a site speaks for itself', change: (plan) => void (fmChannel(plan).fm.widthHz = 25_000) },
    { name: 'direct, as the country has it', change: (plan) => void (fmChannel(plan).siteId = null) },
  ],
  invalid: [
    {
      name: 'wide and direct',
      change: (plan) => {
        fmChannel(plan).siteId = null;
        fmChannel(plan).fm.widthHz = 25_000;
      },
      findings: [
        {
          message: 'differs',
          pointer: `${FM}/fm/widthHz`,
          says: 'The channel is 25 kHz wide; in your country FM is 12.5 kHz.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.widthHz = 12_500) },
        },
      ],
    },
  ],
});
