/** A description of keys before anything was said, from which somebody teaches on. */
import type { KeyEntry, KeyField, Keying, KeyRoutine } from '../plan/keying';

export const blankEntry = (kind: KeyEntry['kind']): KeyEntry => {
  if (kind === 'digits') return { kind, before: 3, behind: 4 };
  if (kind === 'turn')
    return { kind, next: 'UP', previous: 'DOWN', wraps: true, choices: [{ value: 'off', shown: 'OFF' }] };
  if (kind === 'letters')
    return {
      kind,
      next: 'UP',
      previous: 'DOWN',
      forward: 'RIGHT',
      letters: ' ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789',
      places: 8,
    };
  return {
    kind,
    keys: [
      { key: '2', letters: 'ABC2' },
      { key: '0', letters: ' 0' },
    ],
    forward: 'RIGHT',
    places: 8,
  };
};

export const blankField = (sets: string): KeyField => ({
  sets,
  begins: ['MENU', '1'],
  entry: blankEntry('digits'),
  ends: ['OK'],
  shows: '{value}',
  when: null,
  trap: '',
});

export const blankRoutine = (stores: string, opens: string[]): KeyRoutine => ({
  stores,
  opens,
  closes: opens.length > 0 ? ['BACK'] : [],
  fields: [],
  write: {
    begins: ['MEM (hold)'],
    offers: 'first free',
    entry: { kind: 'turn', next: 'UP', previous: 'DOWN' },
    ends: ['MEM'],
    timeOutS: null,
    trap: '',
  },
  erases: [],
  first: 1,
  last: 100,
});

/** A radio whose frequency is typed at rest, and no more. */
export const blankKeying = (): Keying => ({
  before: '',
  routines: [{ ...blankRoutine('channel', []), fields: [{ ...blankField('rx'), begins: [], ends: [] }] }],
});
