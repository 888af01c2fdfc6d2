import { putRow } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { testCheck } from '../../../testing/check-tester';
import { profileOf } from '../../../testing/profile-of';
import { dmrNetwork } from '../networks';
import { tooManyStaticGroups } from './too-many-static-groups';

const statics = (count: number) => (plan: Plan) => {
  const ids = Array.from({ length: count }, (_, at) => `x${at}`);
  ids.forEach((id, at) =>
    putRow(dmrNetwork(plan, 'n1')!.groups, { id, name: `Watch ${at}`, number: 700 + at, category: 'local' }),
  );
  profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = ids;
};

// From memory: more than six groups on one slot nobody follows.
testCheck(tooManyStaticGroups, {
  valid: [
    { name: 'six', change: statics(6) },
    {
      name: 'ten on two slots',
      change: (plan) => (statics(10)(plan), void (plan.sites.byId['s1']!.rxHz = 434_125_000)),
    },
  ],
  invalid: [
    {
      name: 'seven on one slot',
      change: statics(7),
      findings: [
        {
          message: 'many',
          pointer: '/profiles/byId/s1/set/dmr/logins',
          says: 'Home has 7 static groups; expected at most 6.',
        },
      ],
    },
  ],
});
