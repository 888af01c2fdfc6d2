import { describe, expect, it } from 'vitest';
import { type KeyFacts, radioOn, type RadioEffect, type RadioEvent, type RadioState, stepRadio } from './radio';

const FREE: KeyFacts = {
  over: 1,
  broken: null,
  waitsFor: null,
  onAir: 'nothing',
  squelchHolds: false,
  timeOutMs: null,
};
const down = (facts: Partial<KeyFacts> = {}): RadioEvent => ({
  atMs: 0,
  kind: 'key down',
  facts: { ...FREE, ...facts },
});
const rest = (more: Partial<RadioState> = {}): RadioState => ({ ...radioOn('c1'), ...more });
const sends: RadioEffect[] = [{ kind: 'sends', over: 1 }];
const refuses = (is: string): unknown[] => [{ kind: 'refuses', why: { is } }];

describe('a radio', () => {
  it.each<[string, RadioState, RadioEvent, unknown[]]>([
    ['sends when its key goes down', rest(), down(), sends],
    ['does not send twice', rest({ sending: { over: 9, sinceMs: 0 } }), down(), []],
    ['waits for its own slot', rest(), down({ waitsFor: 'its own slot', onAir: 'its own slot' }), refuses('busy')],
    ['does not wait for another slot', rest(), down({ waitsFor: 'its own slot', onAir: 'another slot' }), sends],
    ['waits for any signal', rest(), down({ waitsFor: 'any signal', onAir: 'another slot' }), refuses('busy')],
    ['sends over others where it waits for nobody', rest(), down({ onAir: 'its own slot' }), sends],
    [
      'is held by an open squelch in C4FM',
      rest({ squelchOpen: true }),
      down({ squelchHolds: true }),
      refuses('squelch open'),
    ],
    ['is not held by it in other modes', rest({ squelchOpen: true }), down(), sends],
    ['only wakes when it sleeps', rest({ asleep: true }), down(), refuses('asleep')],
    ['hears', rest(), { atMs: 0, kind: 'hears', over: 4 }, [{ kind: 'hears', over: 4 }]],
    [
      'hears nothing while it sends',
      rest({ sending: { over: 9, sinceMs: 0 } }),
      { atMs: 0, kind: 'hears', over: 4 },
      [],
    ],
    ['hears nothing while it sleeps', rest({ asleep: true }), { atMs: 0, kind: 'hears', over: 4 }, []],
    ['hears the first of two', rest({ hearing: 3 }), { atMs: 0, kind: 'hears', over: 4 }, []],
    [
      'lets go on another channel',
      rest({ sending: { over: 9, sinceMs: 0 } }),
      { atMs: 0, kind: 'choose', channelId: 'c2' },
      [{ kind: 'releases', over: 9, timedOut: false }],
    ],
    [
      'stops by itself',
      rest({ sending: { over: 9, sinceMs: 0 } }),
      { atMs: 0, kind: 'timed out', over: 9 },
      [{ kind: 'releases', over: 9, timedOut: true }],
    ],
    [
      'does not stop a later over',
      rest({ sending: { over: 9, sinceMs: 0 } }),
      { atMs: 0, kind: 'timed out', over: 8 },
      [],
    ],
  ])('%s', (_, state, event, effects) => {
    expect(stepRadio(state, event)[1]).toEqual(effects);
  });

  it('asks to be looked at when its time is out', () => {
    expect(stepRadio(rest(), down({ timeOutMs: 60_000 }))[1]).toContainEqual({
      kind: 'look again',
      atMs: 60_000,
      event: { kind: 'timed out', over: 1 },
    });
  });
});
