import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { nameTooLong } from './name-too-long';

testCheck(nameTooLong, {
  valid: [
    { name: 'short' },
    {
      name: 'exactly as long as the radio holds',
      change: (plan) => void (channelOf(plan, 'g1').name = 'Sixteen letters!'),
    },
  ],
  invalid: [
    {
      name: 'one too long',
      change: (plan) => void (channelOf(plan, 'g1').name = 'Seventeen letters'),
      findings: [
        {
          message: 'long',
          pointer: `${CHANNEL}/name`,
          says: '“Seventeen letters” has 17 characters; Handheld holds 16.',
          fixes: { shorten: (plan) => void (channelOf(plan, 'g1').name = 'Seventen letters') },
        },
      ],
    },
    {
      name: 'a zone',
      change: (plan) =>
        void (plan.codeplugs['r1']!.zones.byId['zn-n1-s1-talk']!.name = 'Lantern of the northern isles'),
      findings: [
        {
          message: 'long',
          pointer: '/codeplugs/r1/zones/byId/zn-n1-s1-talk/name',
          fixes: {
            shorten: (plan) => void (plan.codeplugs['r1']!.zones.byId['zn-n1-s1-talk']!.name = 'Lantern N isles'),
          },
        },
      ],
    },
  ],
});
