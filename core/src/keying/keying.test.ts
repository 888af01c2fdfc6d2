import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { KeyEntry, KeyField, Keying, KeyRoutine } from '../plan/keying';
import { newZone } from '../plan/create';
import { putRow } from '../plan/table';
import { MODES } from '../registries/modes';
import { sitesPlan } from '../testing/sample-sites';
import { everyMode } from '../testing/sample-every-mode';
import { asEntered, shownAs } from './entry';
import { bestOrder } from './order';
import { Pad, PadFault } from './pad';
import { fieldPresses } from './presses';
import { keyingProblems } from './problems';
import { keyingSheet, padFor, play } from './sheet';
import { channelTexts, type Kept, keptOf } from './values';

const LETTERS = ' ABCDEFGH12';

const field = (sets: string, begins: string[], entry: KeyEntry, more: Partial<KeyField> = {}): KeyField => ({
  sets,
  begins,
  entry,
  ends: ['SET'],
  shows: '',
  when: null,
  trap: '',
  ...more,
});
const turn = (values: string[], wraps = true, previous: string | null = 'DOWN'): KeyEntry => ({
  kind: 'turn',
  next: 'UP',
  previous,
  wraps,
  choices: values.map((value) => ({ value, shown: `<${value}>` })),
});
const routine = (stores: string, fields: KeyField[], more: Partial<KeyRoutine> = {}): KeyRoutine => ({
  stores,
  opens: [],
  closes: [],
  fields,
  write: {
    begins: ['WRITE'],
    offers: 'first free',
    entry: { kind: 'turn', next: 'UP', previous: 'DOWN' },
    ends: ['OK'],
    timeOutS: 5,
    trap: '',
  },
  erases: ['CLEAR'],
  first: 1,
  last: 40,
  ...more,
});
const RADIO: Keying = {
  before: '',
  routines: [
    routine('channel', [
      field('rx', [], { kind: 'digits', before: 3, behind: 3 }, { ends: [] }),
      field('mode', ['F', '1'], turn(['FM', 'Digital'])),
      field('tone', ['F', '2'], turn(['off', '88.5', '110.9'], false), { when: { sets: 'mode', is: ['FM'] } }),
      field('name', ['F', '3'], {
        kind: 'letters',
        next: 'UP',
        previous: 'DOWN',
        forward: 'RIGHT',
        letters: LETTERS,
        places: 6,
      }),
    ]),
    routine('rooms', [field('number', [], { kind: 'digits', before: 5, behind: 0 })], {
      opens: ['ROOM'],
      closes: ['BACK'],
    }),
  ],
};
const kept = (number: number, values: Record<string, string>, stores = 'channel'): Kept => ({
  stores,
  number,
  name: `${stores} ${number}`,
  values,
});
const keysOf = (sheet: ReturnType<typeof keyingSheet>) =>
  sheet.entries.flatMap(({ steps }) =>
    steps.flatMap(({ presses }) => presses.flatMap(({ key, times }) => Array<string>(times).fill(key))),
  );

describe('the pad', () => {
  it('does what its description says, and shows it', () => {
    const pad = padFor(RADIO, []);
    const shown = ['4', '3', '9', '1', '2', '5'].map((key) => (pad.press(key), pad.display));
    expect(shown).toEqual(['4', '43', '439', '4391', '43912', '439.125']);
    for (const key of ['F', '1', 'UP']) pad.press(key);
    expect(pad.display).toBe('<Digital>');
    pad.press('SET');
    for (const key of ['WRITE', 'UP', 'OK']) pad.press(key);
    expect(pad.display).toBe('2 written');
    expect(pad.state.memories['channel']!.get(2)).toMatchObject({ rx: '439125', mode: 'Digital' });
    for (const key of ['WRITE', 'UP', 'CLEAR']) pad.press(key);
    expect([...pad.state.memories['channel']!.keys()]).toEqual([]);
  });

  it('refuses keys that mean nothing, what is hidden, and numbers that are cut short', () => {
    const pressAll = (keys: string[]) => () => {
      const pad = padFor(RADIO, []);
      for (const key of keys) pad.press(key);
    };
    expect(pressAll(['Q'])).toThrow(PadFault);
    expect(pressAll(['F', '9'])).toThrow(/F 9 does nothing/);
    expect(pressAll(['F', '1', 'UP', 'SET', 'F', '2'])).toThrow(/tone is hidden while mode is Digital/);
    expect(pressAll(['ROOM', '1', '2', 'SET'])).toThrow(/ended after 2 digits/);
    expect(
      () =>
        new Pad({ before: '', routines: [routine('x', [], { opens: ['A'] })] }, { dials: {}, memories: {}, last: {} }),
    ).toThrow(/at rest/);
  });

  it('gives a write up when nobody presses a key in time', () => {
    const pad = padFor(RADIO, []);
    pad.press('WRITE');
    pad.wait(4);
    expect(pad.display).toBe('1');
    pad.wait(5);
    expect(() => pad.press('OK')).toThrow(PadFault);
    expect(pad.state.memories['channel']!.size).toBe(0);
  });
});

describe('values', () => {
  it('are made by digits, lists and letters, or it is said why not', () => {
    const digits: KeyEntry = { kind: 'digits', before: 3, behind: 3 };
    expect(asEntered(digits, '439.1250')).toEqual({ text: '439125' });
    expect(asEntered(digits, '7.6')).toEqual({ text: '007600' });
    expect(asEntered(digits, '439.00625')).toEqual({ reason: expect.stringContaining('more than 3 digits') as string });
    expect(asEntered(digits, '-7.6')).toEqual({ reason: '“-7.6” is no number' });
    expect(shownAs(digits, '439125')).toBe('439.125');
    expect(asEntered(turn(['a']), 'b')).toEqual({ reason: '“b” is not in its list' });
    const taps: KeyEntry = {
      kind: 'taps',
      keys: [
        { key: '1', letters: ' 1' },
        { key: '2', letters: 'AB2' },
      ],
      forward: 'NEXT',
      places: 4,
    };
    expect(asEntered(taps, 'AC')).toEqual({ reason: '“C” is not among its letters' });
    expect(asEntered(taps, 'ABABA')).toEqual({ reason: '5 letters, and there is room for 4' });
  });

  it('of a channel say what its mode has, in parts as radios ask for them, and nothing of what means nothing', () => {
    const codeplug = sitesPlan().codeplugs['r1']!;
    const texts = Object.values(codeplug.channels.byId).map((channel) => channelTexts(MODES, codeplug, channel));
    const split = texts.find((one) => one['shift'] === '-7.6')!;
    expect(split).toMatchObject({ 'shift.sign': '-', 'shift.size': '7.6' });
    for (const one of texts) {
      expect(Object.values(one)).not.toContain('');
      if (one['shift'] === '0') expect(one).not.toHaveProperty('shift.size');
    }
  });

  it('name the home channel, quick keys and what is scanned by the numbers of memories', () => {
    const plan = everyMode();
    const codeplug = structuredClone(plan.codeplugs['r1']!);
    const [first, second] = codeplug.channels.order as [string, string];
    codeplug.homeId = second;
    codeplug.quickKeys = { P3: first };
    putRow(codeplug.zones, newZone('z', 'Z', [first]));
    putRow(codeplug.scanLists, {
      id: 's',
      name: 'S',
      channelIds: [second],
      zoneId: null,
      priorityId: null,
      talkBack: null,
    });
    const all = keptOf(MODES, codeplug, (stores) => (stores === 'channel' ? 10 : 1));
    const of = (stores: string) =>
      all.filter((one) => one.stores === stores).map(({ number, values }) => [number, values]);
    expect(of('home')).toEqual([[1, { memory: '11' }]]);
    expect(of('quick')).toEqual([[3, { key: 'P3', memory: '10' }]]);
    expect(of('scan')).toEqual([[11, {}]]);
  });
});

describe('the fewest presses', () => {
  it('go the shorter way round a list, and over letters that stay', () => {
    const list = field('x', ['F'], turn(['a', 'b', 'c', 'd', 'e']));
    expect(fieldPresses(list, 'a', 'e').map(({ key, times }) => [key, times])).toEqual([
      ['F', 1],
      ['DOWN', 1],
      ['SET', 1],
    ]);
    const [, , , name] = RADIO.routines[0]!.fields;
    expect(fieldPresses(name!, 'ABBA', 'ABBB').map(({ key, times }) => [key, times])).toEqual([
      ['F', 1],
      ['3', 1],
      ['RIGHT', 3],
      ['UP', 1],
      ['SET', 1],
    ]);
  });

  it('are found by trying every order of a few', () => {
    // The cost of each is how far it is from the one before.
    const far = ({ at }: { at: number }, one: number) => Math.abs(at - one);
    const cost = (known: { at: number }, one: number) => {
      const is = far(known, one);
      known.at = one;
      return is;
    };
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: -20, max: 20 }), { minLength: 1, maxLength: 12 }), (all) => {
        const { order, presses, given } = bestOrder(all, { at: 0 }, ({ at }) => ({ at }), cost);
        expect([...order].sort()).toEqual([...all].sort());
        expect(presses).toBeLessThanOrEqual(given);
        const most = Math.max(...all, 0);
        const least = -Math.min(...all, 0);
        const best = most + least + Math.min(most, least);
        if (all.length <= 7) expect(presses).toBe(best);
        else expect(presses).toBeLessThanOrEqual(best * 1.5);
      }),
    );
  });
});

describe('a sheet', () => {
  it('leaves out what the radio holds, empties what goes, and says what cannot be entered', () => {
    const held = [kept(1, { rx: '439.125', mode: 'FM' }), kept(2, { rx: '145.5' }), kept(3, { rx: '145.6' })];
    const planned = [
      kept(1, { rx: '439.125', mode: 'FM' }),
      kept(2, { rx: '145.525' }),
      kept(4, { rx: '439.00625' }),
      kept(90, { rx: '145.5' }),
    ];
    const sheet = keyingSheet(RADIO, planned, held);
    expect(sheet.leftOut).toBe(1);
    expect(sheet.entries.map(({ number, does }) => [number, does]).sort()).toEqual([
      [2, 'changed'],
      [3, 'emptied'],
    ]);
    expect(sheet.skipped.map(({ name, reason }) => [name, reason])).toEqual([
      ['channel 4', expect.stringContaining('more than 3 digits')],
      ['channel 90', 'its number would be 90, and the last is 40'],
    ]);
    expect(keyingSheet(RADIO, held, held)).toMatchObject({ entries: [], presses: 0, leftOut: 3 });
  });

  it('lays open what is hidden before it is set, and hides it again behind it', () => {
    const held = [kept(1, { mode: 'Digital' })];
    const sheet = keyingSheet(RADIO, [kept(1, { mode: 'Digital', tone: '88.5' })], held);
    expect(sheet.entries[0]!.steps.map(({ sets, value }) => [sets, value])).toEqual([
      ['mode', '<FM>'],
      ['tone', '<88.5>'],
      ['mode', '<Digital>'],
      ['write', '1'],
    ]);
  });

  it('goes into other menus once, and back', () => {
    const sheet = keyingSheet(RADIO, [kept(1, { number: '41205' }, 'rooms'), kept(2, { number: '591' }, 'rooms')], []);
    const keys = keysOf(sheet);
    expect([keys[0], keys.at(-1), keys.filter((key) => key === 'ROOM').length]).toEqual(['ROOM', 'BACK', 1]);
    expect(sheet.presses).toBe(keys.length);
  });
});

/** Descriptions without problems: every kind of entry, lists with ends and without, numbers by digits and by turning. */
const description = fc
  .record({
    wraps: fc.boolean(),
    back: fc.boolean(),
    taps: fc.boolean(),
    direct: fc.boolean(),
    hides: fc.boolean(),
    offers: fc.constantFrom('first free' as const, 'one after the last' as const, 'the last' as const),
    byDigits: fc.boolean(),
    open: fc.boolean(),
  })
  .map((one): Keying => {
    const list = (values: string[]) => turn(values, one.wraps || !one.back, one.back ? 'DOWN' : null);
    const name: KeyEntry = one.taps
      ? {
          kind: 'taps',
          keys: [
            { key: '1', letters: ' 12' },
            { key: '2', letters: 'ABCDEFGH' },
          ],
          forward: 'RIGHT',
          places: 5,
        }
      : {
          kind: 'letters',
          next: 'UP',
          previous: one.back ? 'DOWN' : null,
          forward: 'RIGHT',
          letters: LETTERS,
          places: 5,
        };
    const when = one.hides ? { sets: 'mode', is: ['FM', 'auto'] } : null;
    const fields = [
      field(
        'rx',
        one.direct ? [] : ['F', '9'],
        { kind: 'digits', before: 3, behind: 3 },
        one.direct ? { ends: [] } : {},
      ),
      field('mode', ['F', '1'], list(['FM', 'Digital', 'auto']), one.open ? { ends: [] } : {}),
      field('tone', ['F', '2'], list(['off', '88.5', '110.9', '123.0']), { when }),
      field('name', ['F', '3'], name),
    ];
    const entry: KeyRoutine['write']['entry'] = one.byDigits
      ? { kind: 'digits', places: 2 }
      : { kind: 'turn', next: 'NEXT', previous: 'LAST' };
    const write = { begins: ['WRITE'], offers: one.offers, entry, ends: ['OK'], timeOutS: null, trap: '' };
    return {
      before: '',
      routines: [
        routine('channel', fields, { write }),
        routine('rooms', [field('number', ['EDIT'], { kind: 'digits', before: 5, behind: 0 })], {
          opens: ['ROOM'],
          closes: ['BACK'],
          write,
        }),
      ],
    };
  });

const values = fc.record(
  {
    rx: fc.constantFrom('439.125', '145.5000', '438.7', '29.6'),
    mode: fc.constantFrom('FM', 'Digital', 'auto'),
    tone: fc.constantFrom('off', '88.5', '110.9', '123.0'),
    name: fc.constantFrom('', 'A', 'ABBA', 'HEAD1', 'B 2', ' C'),
  },
  { requiredKeys: [] },
);
const channels = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 40 }), values), { maxLength: 10 })
  .map((all) => [...new Map(all)].map(([number, one]) => kept(number, one as Record<string, string>)));
const rooms = fc
  .uniqueArray(fc.integer({ min: 1, max: 40 }), { maxLength: 4 })
  .map((all) => all.map((number) => kept(number, { number: String(10_000 + number) }, 'rooms')));
const content = fc.tuple(channels, rooms).map(([some, others]) => [...some, ...others]);

describe('whatever the keys, and whatever the radio is set to before', () => {
  it('a sheet that is played ends with exactly the codeplug', () => {
    fc.assert(
      fc.property(
        description,
        content,
        fc.option(content),
        fc.array(fc.nat(2), { minLength: 8, maxLength: 8 }),
        (keying, planned, held, dial) => {
          expect(keyingProblems(keying)).toEqual([]);
          const sheet = keyingSheet(keying, planned, held);
          // Another dial than the one that the sheet was proved on, another write before, and memories nobody knew of.
          const pad = padFor(keying, held ?? [kept(7, { rx: '145.5' })]);
          for (const { stores, fields } of keying.routines)
            fields.forEach(({ sets, entry }, at) => {
              const any = dial[at]!;
              if (at === 0) pad.state.last[stores] = 1 + any * 13;
              if (entry.kind === 'turn') pad.state.dials[stores]![sets] = entry.choices[any]!.value;
              else if (entry.kind !== 'digits') pad.state.dials[stores]![sets] = ['HGFE', 'A', '21 B'][any]!;
            });
          for (const { steps } of sheet.entries) for (const { presses } of steps) play(pad, presses);
          expect(sheet.skipped).toEqual([]);
          for (const one of planned) {
            const memory = pad.state.memories[one.stores]!.get(one.number);
            for (const { sets, entry } of keying.routines.find(({ stores }) => stores === one.stores)!.fields) {
              const text = one.values[sets];
              if (text !== undefined) expect(memory?.[sets]).toBe((asEntered(entry, text) as { text: string }).text);
            }
          }
          if (!held) return;
          for (const stores of ['channel', 'rooms'])
            expect([...pad.state.memories[stores]!.keys()].sort()).toEqual(
              planned
                .filter((one) => one.stores === stores)
                .map(({ number }) => number)
                .sort(),
            );
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('problems of a description', () => {
  const twisted = (change: (keying: Keying) => void) => {
    const keying = structuredClone(RADIO);
    change(keying);
    return keyingProblems(keying).map(({ stores, sets, problem }) => `${stores} ${sets ?? '-'}: ${problem}`);
  };

  it('are what a pad could take in two ways', () => {
    expect(twisted(() => undefined)).toEqual([]);
    expect(twisted(({ routines }) => (routines[0]!.fields[1]!.begins = ['F', '2']))).toEqual([
      'channel mode: Found F 2 for mode and F 2 for tone: a press could mean both.',
    ]);
    expect(twisted(({ routines }) => (routines[0]!.fields[1]!.begins = ['4']))[0]).toContain('4 for mode');
    expect(twisted(({ routines }) => (routines[0]!.fields[1]!.ends = ['UP']))[0]).toContain('both as a key');
    expect(twisted(({ routines }) => (routines[0]!.fields[3]!.ends = []))[0]).toContain('without a key that ends them');
    expect(twisted(({ routines }) => (routines[1]!.opens = []))[0]).toContain('Found 2 kinds of memory');
    expect(twisted(({ routines }) => (routines[1]!.closes = []))[0]).toContain('none that lead back');
    expect(twisted(({ routines }) => (routines[0]!.erases = ['OK']))[0]).toContain('same keys');
    expect(twisted(({ routines }) => (routines[0]!.write.ends = ['UP']))[0]).toContain('both for the number');
    expect(twisted(({ routines }) => (routines[0]!.fields[2]!.when!.sets = 'voice'))[0]).toContain('hangs on voice');
    expect(twisted(({ routines }) => (routines[0]!.fields[2]!.entry = turn(['a', 'b'], false, null)))[0]).toContain(
      'no key that goes back',
    );
    expect(
      twisted(({ routines }) => {
        routines[0]!.fields[1]!.ends = [];
        routines[0]!.fields[2]!.begins = ['UP'];
      })[0],
    ).toContain('takes for its own');
  });
});
