import { CHANNEL_FIELDS } from '../../registries/outputs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { p25Channel, p25Plan } from '../../testing/sample-p25';
import { classifyGroup, groupProblem, isUnitId, nacText, readNac } from './addresses';
import { keys } from '../../plan/modes/p25/keys';

describe('network access codes', () => {
  // TIA-102: 12 bits, 000 to FFF hex, 293 by default; typed as hex.
  it.each([
    ['293', 659],
    ['0x293', 659],
    ['f7e', 0xf7e],
    ['F7F', 0xf7f],
    ['0', 0],
    ['FFF', 0xfff],
    ['1000', null],
    ['659x', null],
    ['', null],
    ['G00', null],
  ])('“%s” is %s', (text, nac) => expect(readNac(text)).toBe(nac));

  it('are read as they are written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xfff }), (nac) => {
        expect(nacText(nac)).toMatch(/^[0-9A-F]{3}$/);
        expect(readNac(nacText(nac))).toBe(nac);
      }),
    );
  });
});

describe('talk groups and units', () => {
  // From memory: 16 bits; 65,535 calls all and is refused as a destination.
  it.each([
    [0, 'null'],
    [1, 'usable'],
    [65_534, 'usable'],
    [65_535, 'all-call'],
    [65_536, 'not 16 bits'],
    [1.5, 'not 16 bits'],
  ] as const)('group %s is %s', (number, is) => {
    expect(classifyGroup(number)).toBe(is);
    expect(groupProblem(number) === null).toBe(is === 'usable');
  });

  it.each([
    [0, false],
    [1, true],
    [9_999_999, true],
    [10_000_000, false],
  ])('unit %s: %s', (id, is) => expect(isUnitId(id)).toBe(is));
});

describe('the fields of a P25 channel', () => {
  const plan = p25Plan();
  const codeplug = plan.codeplugs['r4']!;
  const field = (id: string) => CHANNEL_FIELDS.find((one) => one.id === id)!;

  it.each([
    ['nac', '2A1'],
    ['nac-rx', 'F7E'],
    ['p25-group', '65534'],
  ])('%s “%s” is read as it is shown', (id, text) => {
    const channel = structuredClone(p25Channel(plan, 'w-all'));
    const reading = field(id).read(text, codeplug, null);
    if ('problem' in reading) throw new Error(reading.problem);
    reading.put(channel);
    expect(field(id).show(channel, codeplug)).toBe(text);
  });

  it.each([
    ['nac', '2XX'],
    ['p25-group', '65535'],
    ['p25-group', '0'],
    ['p25-group', 'quay'],
  ])('%s refuses “%s”', (id, text) => expect(field(id).read(text, codeplug, null)).toHaveProperty('problem'));

  it('files keep what is only wrong for the air', () =>
    expect(field('p25-group').readStored!('65535')).toHaveProperty('put'));

  it('destinations are read as they are written', () => {
    const id = fc.stringMatching(/^[\w-]{1,20}$/);
    fc.assert(
      fc.property(id, id, (networkId, groupId) => {
        for (const one of [
          { mode: 'p25', kind: 'group', networkId, groupId },
          { mode: 'p25', kind: 'special', networkId, special: 'unlink' },
        ] as const)
          expect(keys.read(keys.write(one))).toEqual(one);
      }),
    );
    expect([keys.read('n/special/x'), keys.read('n/group'), keys.read('n/room/g')]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    expect([keys.readOld('n/p25-special/unlink'), keys.readOld('n/group/g')]).toEqual([
      { mode: 'p25', kind: 'special', networkId: 'n', special: 'unlink' },
      undefined,
    ]);
  });
});
