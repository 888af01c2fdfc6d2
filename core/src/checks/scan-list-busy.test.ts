import { putRow } from '../plan/table';
import type { Plan } from '../plan/types';
import { dmrNetwork } from '../modes/dmr/networks';
import { testCheck } from '../testing/check-tester';
import { scanListBusy } from './scan-list-busy';

const scans =
  (channelIds: string[], priorityId: string | null = null, category: 'world' | 'region' = 'world') =>
  (plan: Plan) => {
    dmrNetwork(plan, 'n1')!.groups.byId['g2']!.category = category;
    putRow(plan.codeplugs['r1']!.scanLists, {
      id: 'all',
      name: 'Home',
      channelIds,
      zoneId: null,
      priorityId,
      talkBack: null,
    });
  };

testCheck(scanListBusy, {
  valid: [
    { name: 'no list' },
    { name: 'a list of quiet groups', change: scans(['ch-w-g1', 'ch-w-g2'], null, 'region') },
    { name: 'a list of the busy one alone', change: scans(['ch-w-g2']) },
  ],
  invalid: [
    {
      name: 'a worldwide group beside others',
      change: scans(['ch-w-g1', 'ch-w-g2', 'ch-w-g3'], 'ch-w-g2'),
      findings: [
        {
          message: 'busy',
          pointer: '/codeplugs/r1/scanLists/byId/all/channelIds/1',
          says: 'Scan list Home holds Ostrey All (worldwide) beside 2 others.',
          fixes: {
            out: (plan) => {
              const list = plan.codeplugs['r1']!.scanLists.byId['all']!;
              list.channelIds = ['ch-w-g1', 'ch-w-g3'];
              list.priorityId = null;
            },
          },
        },
      ],
    },
  ],
});
