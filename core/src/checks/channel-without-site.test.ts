import type { Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { CHANNEL, channelOf } from '../testing/sample-plan';
import { channelWithoutSite } from './channel-without-site';

testCheck(channelWithoutSite, {
  valid: [
    { name: 'linked' },
    // Common practice: group 99 is for talk from radio to radio.
    {
      name: 'group 99 on one frequency',
      change: (plan) => {
        channelOf(plan, 'g1').siteId = null;
        channelOf(plan, 'g1').destination = null;
        channelOf(plan, 'g1').dmr.call.number = 99;
      },
    },
    {
      name: 'only for receiving',
      change: (plan) => void Object.assign(channelOf(plan, 'g1'), { siteId: null, purpose: 'receive only' }),
    },
  ],
  invalid: [
    {
      name: 'link cut',
      change: (plan) => void (channelOf(plan, 'g1').siteId = null),
      findings: [
        {
          message: 'unlinked',
          pointer: `${CHANNEL}/siteId`,
          fixes: {
            link: (plan) => void (channelOf(plan, 'g1').siteId = 's1'),
            direct: (plan) => void (channelOf(plan, 'g1').purpose = 'direct'),
            receive: (plan) => void (channelOf(plan, 'g1').purpose = 'receive only'),
          },
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
        fixes: {
          direct: (plan: Plan) => void (channelOf(plan, id).purpose = 'direct'),
          receive: (plan: Plan) => void (channelOf(plan, id).purpose = 'receive only'),
        },
      })),
    },
  ],
});
