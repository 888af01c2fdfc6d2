import { testCheck } from '../testing/check-tester';
import { codeplugOverCapacity } from './codeplug-over-capacity';

const limit = (kind: 'channels' | 'zones' | 'contacts' | 'receiveLists' | 'groupsPerReceiveList', value: number) => ({
  name: `${kind} ${value}`,
  change: (plan: import('../plan/types').Plan) => void (plan.radios.byId['r1']!.limits[kind] = value),
});

testCheck(codeplugOverCapacity, {
  valid: [
    { name: 'room left' },
    limit('channels', 4),
    limit('zones', 2),
    limit('contacts', 4),
    limit('receiveLists', 1),
    limit('groupsPerReceiveList', 3),
  ],
  invalid: [
    {
      ...limit('channels', 3),
      findings: [{ message: 'over', pointer: '/codeplugs/r1/channels', says: 'Handheld has 4 channels; it holds 3.' }],
    },
    { ...limit('zones', 1), findings: [{ message: 'over', pointer: '/codeplugs/r1/zones' }] },
    { ...limit('contacts', 3), findings: [{ message: 'over', pointer: '/codeplugs/r1/dmr/contacts' }] },
    { ...limit('receiveLists', 0), findings: [{ message: 'over', pointer: '/codeplugs/r1/dmr/receiveLists' }] },
    {
      ...limit('groupsPerReceiveList', 2),
      findings: [
        {
          message: 'list',
          pointer: '/codeplugs/r1/dmr/receiveLists/byId/rl-n1-s1',
          says: 'Receive list Lantern has 3 groups; Handheld holds 2 in a list.',
        },
      ],
    },
  ],
});
