import { testCheck } from '../../../testing/check-tester';
import { CHANNEL, channelOf } from '../../../testing/sample-plan';
import { dmrChannels } from '../channel';
import { colorCodeDiffers } from './color-code-differs';

testCheck(colorCodeDiffers, {
  valid: [
    { name: 'the same' },
    {
      name: 'both 0',
      change: (plan) => {
        plan.sites.byId['s1']!.dmr!.colorCode = 0;
        for (const channel of dmrChannels(plan.codeplugs['r1']!)) channel.dmr.colorCode = 0;
      },
    },
  ],
  invalid: [
    {
      name: 'one channel',
      change: (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 7),
      findings: [
        {
          message: 'differs',
          pointer: `${CHANNEL}/dmr/colorCode`,
          says: 'Hask Wide: channel has 7, site has 1.',
          fixes: { set: (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 1) },
        },
      ],
    },
    {
      name: 'the hotspot was changed',
      change: (plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 2),
      findings: ['g1', 'g2', 'g3', 'echo'].map((id) => ({
        message: 'differs',
        pointer: `/codeplugs/r1/channels/byId/ch-w-${id}/dmr/colorCode`,
        fixes: {
          set: (plan) => void (channelOf(plan, id).dmr.colorCode = 2),
          site: (plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 1),
        },
      })),
    },
  ],
});
