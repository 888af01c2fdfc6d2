import { testCheck } from '../testing/check-tester';
import { channelOf } from '../testing/sample-plan';
import { nameNotUnique } from './name-not-unique';

testCheck(nameNotUnique, {
  valid: [
    { name: 'all different' },
    {
      name: 'a zone may be named as a channel is',
      change: (plan) => void (plan.codeplugs['r1']!.zones.byId['zn-n1-s1-talk']!.name = 'Hask Wide'),
    },
  ],
  invalid: [
    {
      name: 'the same',
      change: (plan) => void (channelOf(plan, 'g2').name = 'Hask Wide'),
      findings: [
        {
          message: 'same',
          pointer: '/codeplugs/r1/channels/byId/ch-w-g2/name',
          says: 'Name “Hask Wide” is used by 2 channels; expected once within 16 characters.',
          fixes: { rename: (plan) => void (channelOf(plan, 'g2').name = 'Hask Wide 2') },
        },
      ],
    },
    {
      name: 'the same once cut',
      change: (plan) => {
        channelOf(plan, 'g1').name = 'Lighthouse Watch A';
        channelOf(plan, 'g2').name = 'Lighthouse Watch B';
      },
      findings: [
        {
          message: 'same',
          pointer: '/codeplugs/r1/channels/byId/ch-w-g2/name',
          fixes: { rename: (plan) => void (channelOf(plan, 'g2').name = 'LtHse Watch B') },
        },
      ],
    },
  ],
});
