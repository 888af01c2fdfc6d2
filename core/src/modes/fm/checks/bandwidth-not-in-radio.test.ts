import { testCheck } from '../../../testing/check-tester';
import { FM, fmChannel, sitesPlan } from '../../../testing/sample-sites';
import { bandwidthNotInRadio } from './bandwidth-not-in-radio';

testCheck(bandwidthNotInRadio, {
  plan: sitesPlan,
  valid: [
    { name: 'a width it has' },
    { name: 'a radio without FM is told of as that', change: (plan) => void (plan.radios.byId['r1']!.fm = null) },
  ],
  invalid: [
    {
      name: 'a radio that is wide only',
      change: (plan) => void (plan.radios.byId['r1']!.fm!.widthsHz = [25_000]),
      findings: [
        {
          message: 'lacks',
          pointer: `${FM}/fm/widthHz`,
          says: 'The channel is 12.5 kHz wide; Handheld has 25 kHz.',
          fixes: { set: (plan) => void (fmChannel(plan).fm.widthHz = 25_000) },
        },
      ],
    },
    {
      name: 'no width said',
      change: (plan) => void (plan.radios.byId['r1']!.fm!.widthsHz = []),
      findings: [{ message: 'lacks', pointer: `${FM}/fm/widthHz` }],
    },
  ],
});
