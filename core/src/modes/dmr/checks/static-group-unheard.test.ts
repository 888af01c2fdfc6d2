import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { profileOf } from '../../../testing/profile-of';
import { dmrNetwork } from '../networks';
import { staticGroupUnheard } from './static-group-unheard';

const statics =
  (...ids: string[]) =>
  (plan: Plan) => {
    putRow(dmrNetwork(plan, 'n1')!.groups, { id: 'x', name: 'Night Watch', number: 700, category: 'local' });
    profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = ids;
  };

testCheck(staticGroupUnheard, {
  valid: [
    { name: 'none is static' },
    { name: 'one that a channel calls', change: statics('g1') },
    {
      name: 'one that only a receive list holds',
      change: (plan) => {
        statics('x')(plan);
        Object.values(plan.codeplugs['r1']!.dmr.receiveLists.byId)[0]!.groups.push(700);
      },
    },
    {
      name: 'before any channel uses the hotspot',
      change: (plan) => {
        statics('x')(plan);
        Object.assign(plan.codeplugs['r1']!, { channels: { byId: {}, order: [] }, zones: { byId: {}, order: [] } });
      },
    },
  ],
  invalid: [
    {
      name: 'one that nothing opens for',
      change: statics('g1', 'x'),
      findings: [
        {
          message: 'unheard',
          pointer: '/profiles/byId/s1/set/dmr/logins/n1/staticGroupIds/1',
          says: 'Group 700 of Lantern is static at Home, and no radio hears it.',
          fixes: { out: (plan) => void profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds.pop() },
        },
      ],
    },
  ],
});
