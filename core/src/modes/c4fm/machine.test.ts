import { expect, it } from 'vitest';
import { type C4fmEffect, type C4fmEvent, step } from './machine';

const call = (number: string): C4fmEvent => ({ kind: 'room called', atMs: 0, number });
const leave: C4fmEvent = { kind: 'disconnected', atMs: 0 };

// Common practice: calling a room connects it, leaving whatever was connected.
it.each<[string, string | null, C4fmEvent, string | null, C4fmEffect[]]>([
  ['a first room', null, call('41205'), '41205', [{ kind: 'connected', number: '41205' }]],
  ['the same again', '41205', call('41205'), '41205', []],
  [
    'another',
    '41205',
    call('41377'),
    '41377',
    [
      { kind: 'left', number: '41205' },
      { kind: 'connected', number: '41377' },
    ],
  ],
  ['leaving', '41205', leave, null, [{ kind: 'left', number: '41205' }]],
  ['leaving nothing', null, leave, null, []],
])('%s', (_, before, event, after, effects) =>
  expect(step({ connectedTo: before }, event)).toEqual([{ connectedTo: after }, effects]),
);
