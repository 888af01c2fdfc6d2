import { expect, it } from 'vitest';
import { type P25Effect, type P25Event, step } from './machine';

const call = (group: number): P25Event => ({ kind: 'called', atMs: 0, group, unlinks: false });
const unlink: P25Event = { kind: 'called', atMs: 0, group: 9999, unlinks: true };

// Common practice: calling a group links it, leaving whatever was linked; 9999 leaves.
it.each<[string, number | null, P25Event, number | null, P25Effect[]]>([
  ['a first group', null, call(4170), 4170, [{ kind: 'linked', group: 4170 }]],
  ['the same again', 4170, call(4170), 4170, []],
  [
    'another',
    4170,
    call(5880),
    5880,
    [
      { kind: 'left', group: 4170 },
      { kind: 'linked', group: 5880 },
    ],
  ],
  ['the group that unlinks', 4170, unlink, null, [{ kind: 'left', group: 4170 }]],
  ['unlinking nothing', null, unlink, null, []],
])('%s', (_, before, event, after, effects) =>
  expect(step({ linkedTo: before }, event)).toEqual([{ linkedTo: after }, effects]),
);
