/** How two radios of the isles are programmed by hand. Neither they nor their keys exist. */
import type { Recipe } from '@relay/core/plan/edit';
import type { KeyField, Keying, KeyEntry } from '@relay/core/plan/keying';

const LETTERS = ' ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-/.';
const CALL_LETTERS = ' ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789/';
const TONES = ['67.0', '77.0', '88.5', '94.8', '100.0', '103.5', '110.9', '114.8', '118.8', '123.0', '127.3', '136.5'];

const same = (...values: string[]) => values.map((value) => ({ value, shown: value }));

function field(sets: string, keys: string, entry: KeyEntry, more: Partial<KeyField> = {}): KeyField {
  const begins = keys === '' ? [] : keys.split(' ');
  return { sets, begins, entry, ends: ['SET'], shows: '{value}', when: null, trap: '', ...more };
}

type Turn = Extract<KeyEntry, { kind: 'turn' }>;

const turn = (choices: Turn['choices'], wraps = true): Turn => ({
  kind: 'turn',
  next: 'UP',
  previous: 'DOWN',
  wraps,
  choices,
});
const letters = (list: string, places: number): KeyEntry => ({
  kind: 'letters',
  next: 'UP',
  previous: 'DOWN',
  forward: 'RIGHT',
  letters: list,
  places,
});
const digits = (before: number, behind = 0): KeyEntry => ({ kind: 'digits', before, behind });

const SIGNS = [
  { value: 'off', shown: 'NO SHIFT' },
  { value: '-', shown: 'SHIFT -' },
  { value: '+', shown: 'SHIFT +' },
];
const POWERS = [
  { value: 'low', shown: 'PWR LO' },
  { value: 'high', shown: 'PWR HI' },
];
const IN_DSTAR = { sets: 'mode', is: ['D-STAR'] };
const CALL_TRAP = 'Only in the menu while the mode is D-STAR.';

/** A handheld for D-STAR: menus by number, letters by two keys. */
export const PILOT_KEYING: Keying = {
  before: 'If a key shows on the display, hold F for a second: the keys are locked.',
  routines: [
    {
      stores: 'channel',
      opens: [],
      closes: [],
      fields: [
        field('rx', '', digits(3, 4), { ends: [], trap: 'All seven digits: six leave the old frequency.' }),
        field(
          'mode',
          'F 1',
          turn([
            { value: 'D-STAR', shown: 'DIGITAL' },
            { value: 'FM', shown: 'ANALOG' },
          ]),
        ),
        field('shift.sign', 'F 2', turn(SIGNS)),
        field('shift.size', 'F 3', digits(2, 2)),
        field('ur', 'F 4', letters(CALL_LETTERS, 8), { when: IN_DSTAR, trap: CALL_TRAP }),
        field('rpt1', 'F 5', letters(CALL_LETTERS, 8), { when: IN_DSTAR }),
        field('rpt2', 'F 6', letters(CALL_LETTERS, 8), { when: IN_DSTAR }),
        field('power', 'F 7', turn(POWERS, false)),
        field('name', 'F 8', letters(LETTERS, 16)),
      ],
      write: {
        begins: ['M (hold)'],
        offers: 'first free',
        entry: { kind: 'turn', next: 'UP', previous: 'DOWN' },
        ends: ['M'],
        timeOutS: 6,
        trap: 'It offers the first free memory, which may lie between others.',
      },
      erases: ['CLR'],
      first: 1,
      last: 200,
    },
    {
      stores: 'home',
      opens: ['F', '0'],
      closes: ['BACK'],
      fields: [field('memory', '', digits(3), { ends: [] })],
      write: {
        begins: ['HOME (hold)'],
        offers: 'the last',
        entry: { kind: 'digits', places: 1 },
        ends: [],
        timeOutS: null,
        trap: '',
      },
      erases: [],
      first: 1,
      last: 1,
    },
  ],
};

const DIAL = { next: 'DIAL +', previous: 'DIAL -' };
const OPENS = [
  { value: 'C4FM auto', shown: 'AUTO' },
  { value: 'C4FM digital', shown: 'DIGITAL' },
  { value: 'FM', shown: 'FM' },
];
const NOT_DIGITAL = { sets: 'mode.opens', is: ['C4FM auto', 'FM'] };

/** A mobile for C4FM: digits from the microphone, the rest from its dial. */
export const RAMBLER_KEYING: Keying = {
  before: 'Hold LOCK until the padlock is gone.',
  routines: [
    {
      stores: 'channel',
      opens: [],
      closes: [],
      fields: [
        field('rx', '', digits(3, 4), { ends: [] }),
        field('mode.opens', 'MODE', { ...turn(OPENS), next: 'MODE', previous: null }, { ends: ['OK'] }),
        field(
          'tone-tx.kind',
          'MENU 1',
          { ...turn(same('off', 'CTCSS', 'DCS')), ...DIAL },
          {
            ends: ['OK'],
            when: NOT_DIGITAL,
            trap: 'In digital only there are no tones in the menu.',
          },
        ),
        field('tone-tx', 'MENU 2', { ...turn(same(...TONES), false), ...DIAL }, { ends: ['OK'], when: NOT_DIGITAL }),
        field('shift.sign', 'MENU 3', { ...turn(SIGNS), ...DIAL }, { ends: ['OK'] }),
        field('shift.size', 'MENU 4', digits(2, 2), { ends: ['OK'] }),
        field('group-tx', 'MENU 5', digits(2), { ends: ['OK'] }),
        field('group-rx', 'MENU 6', digits(2), { ends: ['OK'] }),
        field('power', 'MENU 7', { ...turn(POWERS, false), ...DIAL }, { ends: ['OK'] }),
        field('name', 'MENU 8', { ...letters(LETTERS, 16), ...DIAL, forward: 'SKIP' } as KeyEntry, { ends: ['OK'] }),
      ],
      write: {
        begins: ['MEM (hold)'],
        offers: 'one after the last',
        entry: { kind: 'digits', places: 3 },
        ends: ['MEM'],
        timeOutS: 10,
        trap: '',
      },
      erases: ['DEL', 'OK'],
      first: 1,
      last: 500,
    },
    {
      stores: 'c4fm/rooms',
      opens: ['ROOM (hold)'],
      closes: ['BACK'],
      fields: [
        field('number', 'EDIT', digits(5), {
          ends: ['OK'],
          trap: 'By number, not by name: a name is sought on the air.',
        }),
        field('name', 'NAME', { ...letters(LETTERS, 16), ...DIAL, forward: 'SKIP' } as KeyEntry, { ends: ['OK'] }),
        field('category', 'SORT', digits(1), { ends: ['OK'] }),
      ],
      write: {
        begins: ['MEM'],
        offers: 'first free',
        entry: { kind: 'turn', ...DIAL },
        ends: ['OK'],
        timeOutS: null,
        trap: '',
      },
      erases: ['DEL'],
      first: 1,
      last: 20,
    },
    {
      stores: 'c4fm/codes',
      opens: ['CODE'],
      closes: ['BACK'],
      fields: [
        field('code', '', { ...letters('0123456789ABCD*#', 16), ...DIAL, forward: 'SKIP' } as KeyEntry, {
          ends: ['OK'],
        }),
      ],
      write: {
        begins: ['MEM'],
        offers: 'first free',
        entry: { kind: 'digits', places: 1 },
        ends: ['OK'],
        timeOutS: null,
        trap: '',
      },
      erases: [],
      first: 1,
      last: 9,
    },
    {
      stores: 'quick',
      opens: ['MENU', '9'],
      closes: ['BACK'],
      fields: [
        field('key', 'KEY', { ...turn(same('P1', 'P2', 'P3', 'P4')), ...DIAL }, { ends: ['OK'] }),
        field('memory', '', digits(3), { ends: [] }),
      ],
      write: {
        begins: ['MEM'],
        offers: 'first free',
        entry: { kind: 'digits', places: 1 },
        ends: ['OK'],
        timeOutS: null,
        trap: '',
      },
      erases: ['DEL'],
      first: 1,
      last: 4,
    },
  ],
};

/** Two radios that are keyed in by hand, with a home channel and quick keys. */
export const withKeying: Recipe = (plan) => {
  plan.radios.byId['pilot']!.keying = PILOT_KEYING;
  plan.radios.byId['rambler']!.keying = RAMBLER_KEYING;
  const [evening, leave] = plan.codeplugs['rambler']!.channels.order as [string, string];
  plan.codeplugs['pilot']!.homeId = plan.codeplugs['pilot']!.channels.order[1]!;
  plan.codeplugs['rambler']!.quickKeys = { P1: evening, P2: leave };
};
