import { testCheck } from '../testing/check-tester';
import { modeNotInRadio } from './mode-not-in-radio';

testCheck(modeNotInRadio, {
  valid: [{ name: 'a DMR radio' }],
  invalid: [
    {
      name: 'a radio without DMR',
      change: (plan) => void (plan.radios.byId['r1']!.dmr = null),
      findings: ['g1', 'g2', 'g3', 'echo'].map((id) => ({
        message: 'differs',
        pointer: `/codeplugs/r1/channels/byId/ch-w-${id}/mode`,
        says: 'The channel is DMR; Handheld has no DMR.',
      })),
    },
  ],
});
