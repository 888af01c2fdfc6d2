import { putRow } from '../plan/table';
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
    {
      name: 'more scan lists than it holds, and more channels in one',
      change: (plan) => {
        Object.assign(plan.radios.byId['r1']!.limits, { scanLists: 0, channelsPerScanList: 1 });
        putRow(plan.codeplugs['r1']!.scanLists, {
          id: 'scan',
          name: 'Home',
          channelIds: ['ch-w-g1', 'ch-w-g2'],
          zoneId: null,
          priorityId: null,
          talkBack: null,
        });
      },
      findings: [
        { message: 'over', pointer: '/codeplugs/r1/scanLists', says: 'Handheld has 1 scan lists; it holds 0.' },
        {
          message: 'list',
          pointer: '/codeplugs/r1/scanLists/byId/scan',
          says: 'Scan list Home has 2 channels; Handheld holds 1 in a list.',
        },
      ],
    },
  ],
});
