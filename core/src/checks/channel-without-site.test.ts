import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { channelWithoutSite } from './channel-without-site';

testCheck(channelWithoutSite, {
  valid: [{ name: 'linked' }],
  invalid: [
    {
      name: 'link cut',
      change: (plan) => void (channelOf(plan, 'g1').siteId = null),
      findings: [
        {
          message: 'unlinked',
          pointer: `${CHANNEL}/siteId`,
          fixes: { link: (plan) => void (channelOf(plan, 'g1').siteId = 's1') },
        },
      ],
    },
    {
      name: 'its site was removed',
      change: (plan) => {
        delete plan.sites.byId['s1'];
        plan.sites.order = [];
      },
      findings: ['g1', 'g2', 'g3', 'echo'].map((id) => ({
        message: 'unlinked',
        pointer: `/codeplugs/r1/channels/byId/ch-w-${id}/siteId`,
      })),
    },
  ],
});
