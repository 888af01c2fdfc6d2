import { expect, it } from 'vitest';
import { FREE_PLACE, type PlaceEvent, type PlaceState, stepPlace } from './place';

it.each<[string, PlaceState, PlaceEvent, PlaceState, unknown[]]>([
  ['is free', FREE_PLACE, { kind: 'wants', talkerId: 'a' }, FREE_PLACE, [{ kind: 'free for', talkerId: 'a' }]],
  [
    'is heard where nobody talks',
    FREE_PLACE,
    { kind: 'begins', over: 1 },
    { speaker: 1, waiting: [] },
    [{ kind: 'heard', over: 1 }],
  ],
  [
    'lets nobody talk over another',
    { speaker: 1, waiting: [] },
    { kind: 'begins', over: 2 },
    { speaker: 1, waiting: [] },
    [{ kind: 'someone talks', over: 2 }],
  ],
  [
    'has others wait',
    { speaker: 1, waiting: ['a'] },
    { kind: 'wants', talkerId: 'b' },
    { speaker: 1, waiting: ['a', 'b'] },
    [],
  ],
  [
    'gives the turn to who waits longest',
    { speaker: 1, waiting: ['a', 'b'] },
    { kind: 'ended', over: 1 },
    { speaker: null, waiting: ['b'] },
    [{ kind: 'next', talkerId: 'a' }],
  ],
  [
    'gives it on where that one does not talk any more',
    { speaker: null, waiting: ['b'] },
    { kind: 'declines' },
    FREE_PLACE,
    [{ kind: 'next', talkerId: 'b' }],
  ],
  [
    'minds only the over that is heard',
    { speaker: 1, waiting: [] },
    { kind: 'ended', over: 2 },
    { speaker: 1, waiting: [] },
    [],
  ],
])('a place %s', (_, state, event, after, effects) => {
  expect(stepPlace(state, event)).toEqual([after, effects]);
});
