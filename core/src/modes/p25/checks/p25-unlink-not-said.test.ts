import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { newNetwork } from '../../../plan/create';
import { edit } from '../../../plan/edit';
import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { p25UnlinkNotSaid } from './p25-unlink-not-said';

/** As an edit, which takes the wants and links that named it along. */
const unlink = (plan: Plan, number: number | null) =>
  void Object.assign(
    plan,
    edit(plan, (draft) => {
      const network = draft.networks.byId['p1']!;
      if (network.mode === 'p25') network.special.unlink = number;
    }).plan,
  );

testCheck(p25UnlinkNotSaid, {
  plan: p25Plan,
  valid: [
    { name: '9999' },
    {
      name: 'another number',
      change: (plan) => {
        const network = plan.networks.byId['p1']!;
        if (network.mode === 'p25') network.special.unlink = 4000;
      },
    },
    {
      name: 'a network that nobody calls',
      change: (plan) =>
        putRow(plan.networks, { ...newNetwork('p25', 'p2', 'Undertow'), special: { unlink: null, echo: null } }),
    },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => unlink(plan, null),
      findings: [
        {
          message: 'none',
          pointer: '/networks/byId/p1/special/unlink',
          says: 'Foghorn has no unlink group; commonly it is 9999.',
          fixes: { set: (plan) => unlink(plan, 9999) },
        },
      ],
    },
  ],
});
