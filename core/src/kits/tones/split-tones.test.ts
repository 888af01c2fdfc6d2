import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rows } from '../../plan/table';
import { KIT_MODES } from '../../registries/kits';
import { textOf, typed } from '../../testing/kits/typed-kit';
import { writeKit } from '../write/write-kit';
import { isSplit, readTones, type ToneField, type ToneTexts, writeTones } from './split-tones';
import { TONE_KIND_WORDS, TONE_MODE_WORDS } from './tone-columns';

const writerFor = (fields: readonly ToneField[], words: Partial<Record<ToneField, readonly string[]>> = {}) => ({
  has: (field: ToneField) => fields.includes(field),
  words: (field: ToneField) => words[field] ?? [],
  canSay: () => true,
});

const MODE_AND_BOTH: readonly ToneField[] = ['tone-mode', 'tone-tx', 'tone-rx', 'tone-code-tx'];
const ALL_MODES = Object.keys(TONE_MODE_WORDS).filter((word) => word !== 'tone');

describe('tones in parts', () => {
  it.each<[string, readonly ToneField[], ToneTexts, string | undefined, string | undefined]>([
    ['off, with tones left in', MODE_AND_BOTH, { 'tone-mode': 'none', 'tone-tx': '88.5' }, 'none', 'none'],
    ['sent only', MODE_AND_BOTH, { 'tone-mode': 'tone sent', 'tone-tx': '88.5', 'tone-rx': '100.0' }, '88.5', 'none'],
    [
      'one column for both',
      ['tone-mode', 'tone-tx'],
      { 'tone-mode': 'tone both ways', 'tone-tx': '88.5' },
      '88.5',
      '88.5',
    ],
    [
      'the heard one both ways',
      MODE_AND_BOTH,
      { 'tone-mode': 'heard tone both ways', 'tone-tx': '88.5', 'tone-rx': '100.0' },
      '100.0',
      '100.0',
    ],
    [
      'a code in its own column',
      MODE_AND_BOTH,
      { 'tone-mode': 'code both ways', 'tone-code-tx': 'D023N' },
      'D023N',
      'D023N',
    ],
    [
      'a kind for each direction',
      ['tone-kind-tx', 'tone-kind-rx', 'tone-tx', 'tone-code-tx'],
      { 'tone-kind-tx': 'code inverted', 'tone-kind-rx': 'tone', 'tone-tx': '88.5', 'tone-code-tx': 'D023N' },
      'D023I',
      '88.5',
    ],
    [
      'a code turned round for one direction',
      ['tone-mode', 'tone-turn', 'tone-tx', 'tone-code-tx'],
      { 'tone-mode': 'code both ways', 'tone-turn': 'heard inverted', 'tone-code-tx': 'D023N' },
      'D023N',
      'D023I',
    ],
    [
      'codes apart, none selects',
      ['tone-tx', 'tone-code-tx'],
      { 'tone-tx': 'none', 'tone-code-tx': 'D023N' },
      'D023N',
      undefined,
    ],
    ['a word that nobody knows', MODE_AND_BOTH, { 'tone-tx': '88.5' }, undefined, undefined],
  ])('%s', (_, fields, texts, sent, heard) => {
    expect(readTones((field) => fields.includes(field), texts)).toEqual({ sent, heard, clash: null });
  });

  it('tells a part that does not hold what another says', () => {
    const has = (field: ToneField) => MODE_AND_BOTH.includes(field);
    const read = readTones(has, { 'tone-mode': 'tone sent', 'tone-tx': 'none', 'tone-rx': 'none' });
    expect(read.clash).toEqual({ field: 'tone-tx', expected: 'a tone' });
    expect(read.sent).toBeUndefined();
  });

  it('changes as little as it can', () => {
    const now = { 'tone-mode': 'none', 'tone-tx': '88.5', 'tone-rx': '88.5', 'tone-code-tx': 'D023N' };
    const writer = writerFor(MODE_AND_BOTH, { 'tone-mode': ['none', 'tone sent', 'tone both ways', 'code both ways'] });
    expect(writeTones(writer, now, '88.5', 'none')).toEqual({ 'tone-mode': 'tone sent' });
    expect(writeTones(writer, now, 'none', 'none')).toEqual({});
    expect(writeTones(writer, now, '100.0', 'none')).toEqual({ 'tone-mode': 'tone sent', 'tone-tx': '100.0' });
  });

  it('says when the columns have no way to say it', () => {
    const writer = writerFor(['tone-mode', 'tone-tx'], { 'tone-mode': ['none', 'tone sent'] });
    const now = { 'tone-mode': 'none', 'tone-tx': '88.5' };
    expect(writeTones(writer, now, '88.5', '100.0')).toBeNull();
    expect(writeTones(writer, now, 'D023N', 'D023N')).toBeNull();
  });

  const TONE = fc.constantFrom('none', '67.0', '88.5', '100.0', 'D023N', 'D047I');
  const SETS: readonly (readonly ToneField[])[] = [
    MODE_AND_BOTH,
    ['tone-mode', 'tone-tx', 'tone-code-tx'],
    ['tone-mode', 'tone-tx', 'tone-rx', 'tone-code-tx', 'tone-code-rx'],
    ['tone-mode', 'tone-turn', 'tone-tx', 'tone-rx', 'tone-code-tx', 'tone-code-rx'],
    ['tone-kind-tx', 'tone-kind-rx', 'tone-tx', 'tone-rx'],
    ['tone-kind-tx', 'tone-kind-rx', 'tone-tx', 'tone-rx', 'tone-code-tx', 'tone-code-rx'],
    ['tone-tx', 'tone-rx', 'tone-code-tx', 'tone-code-rx'],
  ];
  const WORDS: Partial<Record<ToneField, readonly string[]>> = {
    'tone-mode': ALL_MODES,
    'tone-kind-tx': Object.keys(TONE_KIND_WORDS),
    'tone-kind-rx': Object.keys(TONE_KIND_WORDS),
    'tone-turn': ['both normal', 'heard inverted', 'sent inverted', 'both inverted'],
  };

  it('reads what it wrote, whatever stood there, and finds a way wherever there are columns for both directions', () => {
    const texts = fc.record({
      'tone-mode': fc.constantFrom(...ALL_MODES),
      'tone-kind-tx': fc.constantFrom(...Object.keys(TONE_KIND_WORDS)),
      'tone-kind-rx': fc.constantFrom(...Object.keys(TONE_KIND_WORDS)),
      'tone-turn': fc.constantFrom('both normal', 'both inverted'),
      'tone-tx': fc.constantFrom('none', '88.5'),
      'tone-rx': fc.constantFrom('none', '100.0'),
      'tone-code-tx': fc.constantFrom('none', 'D023N'),
      'tone-code-rx': fc.constantFrom('none', 'D047N'),
    });
    let found = 0;
    fc.assert(
      fc.property(fc.constantFrom(...SETS), texts, TONE, TONE, (fields, whole, sent, heard) => {
        const writer = writerFor(fields, WORDS);
        const now = Object.fromEntries(Object.entries(whole).filter(([field]) => writer.has(field as ToneField)));
        const changes = writeTones(writer, now, sent, heard);
        if (changes === null) {
          // Only where both directions share a column of codes.
          expect(fields.includes('tone-code-rx') || fields.includes('tone-kind-tx')).toBe(false);
          return;
        }
        found += 1;
        const read = readTones(writer.has, { ...now, ...changes });
        expect([read.sent, read.heard]).toEqual([sent, heard]);
        expect(writeTones(writer, { ...now, ...changes }, sent, heard)).toEqual({});
      }),
    );
    expect(found).toBeGreaterThan(50);
  });

  it('is no matter of tables with a column for each direction', () => {
    expect(isSplit((field) => field === 'tone-tx' || field === 'tone-rx')).toBe(false);
  });
});

const LINES = [
  'No.,Name,RX Freq,TX Freq,Bandwidth,Tone Mode,Tone,Tone Squelch,DCS Code',
  '1,Quay,145.60000,145.00000,12.5,Tone,88.5,88.5,023',
  '2,Hask,145.62500,145.02500,12.5,TSQL,100.0,100.0,023',
  '3,Ferry,145.65000,145.05000,12.5,DCS,88.5,88.5,047',
  '4,Direct,145.50000,145.50000,12.5,None,88.5,88.5,023',
];
const FILE = `${LINES.join('\r\n')}\r\n`;

describe('a table that says tones in parts', () => {
  it('is read by its columns together', async () => {
    const { learnt, content } = await typed({ 'channels.csv': FILE });
    expect(learnt.questions).toEqual([]);
    expect(content.findings).toEqual([]);
    expect(rows(content.codeplug.channels).map((one) => one.mode === 'fm' && [one.fm.toneTx, one.fm.toneRx])).toEqual([
      ['88.5', null],
      ['100.0', '100.0'],
      ['D047N', 'D047N'],
      [null, null],
    ]);
  });

  it('is written with only the parts that must change', async () => {
    const { kit, files, content } = await typed({ 'channels.csv': FILE });
    const next = structuredClone(content.codeplug);
    const change = (name: string, toneTx: string | null, toneRx: string | null) => {
      const channel = rows(next.channels).find((one) => one.name === name)!;
      if (channel.mode === 'fm') Object.assign(channel.fm, { toneTx, toneRx });
    };
    change('Quay', '94.8', null);
    change('Ferry', null, null);
    change('Direct', 'D025N', 'D025N');
    const written = await writeKit(next, kit, files, KIT_MODES, { keepOthers: false });
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'channels.csv').split('\r\n').slice(1, 5)).toEqual([
      '1,Quay,145.60000,145.00000,12.5,Tone,94.8,88.5,023',
      LINES[2],
      '3,Ferry,145.65000,145.05000,12.5,None,88.5,88.5,047',
      '4,Direct,145.50000,145.50000,12.5,DCS,88.5,88.5,025',
    ]);
  });

  it('says what it could not say, and never lets a radio send another tone', async () => {
    const { kit, files, content } = await typed({ 'channels.csv': FILE });
    const next = structuredClone(content.codeplug);
    const quay = rows(next.channels)[0]!;
    if (quay.mode === 'fm') Object.assign(quay.fm, { toneTx: '88.5', toneRx: 'D023N' });
    const written = await writeKit(next, kit, files, KIT_MODES, { keepOthers: false });
    expect(written.wrong).toEqual([]);
    expect(written.losses).toContainEqual({ title: 'Tone heard', why: 'no word', count: 1 });
    expect(textOf(written.files, 'channels.csv')).toBe(FILE);
  });

  it('asks what a word means where rows hold two tones and it could mean either', async () => {
    const { learnt } = await typed({ 'channels.csv': FILE.replace('TSQL,100.0,100.0', 'TSQL,88.5,100.0') });
    expect(learnt.questions.map(({ text }) => text)).toEqual(['What does “TSQL” mean in “Tone Mode”?']);
    expect(learnt.questions[0]!.options.map(({ label }) => label)).toEqual([
      'tone both ways',
      'heard tone both ways',
      'None of these',
    ]);
  });

  it('tells the row of which the parts do not agree, and reads the others', async () => {
    const { content } = await typed({ 'channels.csv': FILE.replace('Tone,88.5,88.5,023', 'Tone,,,023') });
    expect(content.findings).toEqual([
      expect.objectContaining({ line: 2, column: 'Tone', found: 'nothing', expected: 'a tone, as “Tone Mode” says' }),
    ]);
    expect(rows(content.codeplug.channels)).toHaveLength(4);
  });
});
