import { testCheck } from '../testing/check-tester';
import { putRow, removeRow } from '../plan/table';
import type { Channel, Plan } from '../plan/types';
import { channelOf } from '../testing/sample-plan';
import { samePathTwice } from './same-path-twice';

/** The first channel again under another name, in a zone of its own. */
const twice =
  (change: (plan: Plan) => void = () => undefined) =>
  (plan: Plan) => {
    const { channels, zones } = plan.codeplugs['r1']!;
    putRow(channels, {
      ...(JSON.parse(JSON.stringify(channelOf(plan, 'g1'))) as Channel),
      id: 'again',
      name: 'Wide too',
      wantId: null,
      built: null,
    });
    zones.byId['zn-n1-s1-service']!.channelIds.push('again');
    change(plan);
  };

testCheck(samePathTwice, {
  valid: [
    { name: 'each is a path of its own' },
    {
      name: 'with more power',
      change: twice((plan) => void (plan.codeplugs['r1']!.channels.byId['again']!.power = 'high')),
    },
    {
      name: 'for another site',
      change: twice((plan) => void (plan.codeplugs['r1']!.channels.byId['again']!.siteId = null)),
    },
    {
      name: 'on another slot',
      change: twice((plan) => {
        const again = plan.codeplugs['r1']!.channels.byId['again']!;
        if (again.mode === 'dmr') again.dmr.slot = 1;
      }),
    },
  ],
  invalid: [
    {
      name: 'under another name',
      change: twice(),
      findings: [
        {
          message: 'twice',
          pointer: '/codeplugs/r1/channels/byId/again',
          says: '“Wide too” has the same settings as “Hask Wide” throughout.',
          fixes: {
            remove: (plan) => {
              const { channels, zones } = plan.codeplugs['r1']!;
              removeRow(channels, 'again');
              zones.byId['zn-n1-s1-service']!.channelIds.splice(-1, 1, 'ch-w-g1');
            },
          },
        },
      ],
    },
    {
      name: 'that another want has made',
      change: twice((plan) => void (plan.codeplugs['r1']!.channels.byId['again']!.wantId = 'w-g2')),
      findings: [{ message: 'twice', pointer: '/codeplugs/r1/channels/byId/again', fixes: {} }],
    },
  ],
});
