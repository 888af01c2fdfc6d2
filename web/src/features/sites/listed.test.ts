import { expect, it } from 'vitest';
import { accessWords, groupsOnSlot, reachWords } from './listed';

it('a listed site is read as people say it', () => {
  const groups = [
    { slot: 1 as const, number: 417, static: true },
    { slot: 2 as const, number: 588, static: true },
    { slot: 2 as const, number: 591, static: false },
  ];
  expect([groupsOnSlot({ groups }, 1), groupsOnSlot({ groups }, 2)]).toEqual(['417', '588, 591d']);
  expect(accessWords({ colorCode: 0, tone: '100.0', nac: '293' })).toBe('CC 0 · 100.0 Hz · NAC 293');
  expect(
    reachWords({
      networks: ['Lantern', 'Causeway'],
      linked: 'LNK001 C',
      groups: [...groups, { slot: null, number: 9, static: true }],
    }),
  ).toBe('reaches Lantern, Causeway; linked to LNK001 C; on a slot not said: 9');
  expect([
    reachWords({ networks: [], linked: '', groups }),
    accessWords({ colorCode: null, tone: null, nac: null }),
    accessWords({ colorCode: null, tone: 'none', nac: null }),
  ]).toEqual(['', '', 'no tone']);
});
