import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newNetwork } from '../../plan/create';
import { rows } from '../../plan/table';
import { readRaw } from '../../lists/raw';
import { readModules, type FoundReflector } from './directory';
import { directoryOf } from '../../registries/lists';
import { compareDirectory, putDirectory, readDirectory } from '../../lists/directory';

const directory = directoryOf('dstar');
const FAMILY = { ...newNetwork('dstar', 'f', 'Beacon'), letters: 'LNK' };

function read(text: string) {
  const { rows: found, rejected } = readDirectory(readRaw(new TextEncoder().encode(text)), directory, FAMILY);
  return { reflectors: found as FoundReflector[], rejected };
}

describe('a list of reflectors', () => {
  it.each([
    [
      'headings, semicolons, a range of modules',
      'Reflector;Name;Modules;Links\nLNK001;Isles Evening;A-E;12\nLNK 2;Harbour;A C;3\n',
      [
        ['LNK', 1, 'Isles Evening', 'ABCDE', 12],
        ['LNK', 2, 'Harbour', 'AC', 3],
      ],
    ],
    [
      'no headings, tabs, several families',
      'WAV042\tBreak of Day\tAB\t4\nlnk-7\tNight Watch\tC\t0\n',
      [
        ['WAV', 42, 'Break of Day', 'AB', 4],
        ['LNK', 7, 'Night Watch', 'C', 0],
      ],
    ],
    [
      'numbers alone, and no activity',
      'Number,Title,Modules\n1,Evening,ABC\n9,Dawn,\n',
      [
        ['LNK', 1, 'Evening', 'ABC', null],
        ['LNK', 9, 'Dawn', '', null],
      ],
    ],
  ])('with %s', (_, text, expected) => {
    const { reflectors, rejected } = read(text);
    expect(rejected).toEqual([]);
    expect(
      reflectors.map(({ letters, number, title, modules, activity }) => [letters, number, title, modules, activity]),
    ).toEqual(expected);
  });

  it('says the line of what it cannot take, and takes the rest', () => {
    const { reflectors, rejected } = read(
      'Reflector;Name;Modules;Links\nLNK001;Evening;ABC;1\nLNKX;None;A;2\nLNK003;Odd;1-5;2\nLNK001;Again;A;2\n',
    );
    expect(reflectors.map((one) => one.number)).toEqual([1]);
    expect(rejected).toEqual([
      {
        line: 3,
        place: 'reflector',
        found: '“LNKX”',
        expected: 'three letters and up to three digits, such as LNK001',
      },
      { line: 4, place: 'modules', found: '“1-5”', expected: 'module letters such as ABC or A-E' },
      { line: 5, place: 'reflector', found: '“LNK001”', expected: 'each reflector once' },
    ]);
  });

  it('modules are read as they are written, in order and once', () => {
    const letters = fc.uniqueArray(fc.constantFrom(...'ABCDEFXYZ'), { minLength: 1 });
    fc.assert(
      fc.property(letters, fc.constantFrom('', ' ', ', ', '/'), (some, between) => {
        expect(readModules(some.join(between))).toBe([...some].sort().join(''));
      }),
    );
    expect([readModules('B-D'), readModules(''), readModules('D-B'), readModules('12')]).toEqual([
      'BCD',
      '',
      null,
      null,
    ]);
  });

  it('is compared by number, and changes only what differs', () => {
    const family = structuredClone(FAMILY);
    const { reflectors } = read('Reflector;Name;Modules;Links\nLNK001;Evening;ABC;1\nLNK002;Dawn;A;2\n');
    putDirectory(directory, family, reflectors);
    expect(rows(family.reflectors).map(({ id, number }) => [id, number])).toEqual([
      ['r1', 1],
      ['r2', 2],
    ]);
    expect(compareDirectory(directory, family, reflectors)).toEqual({ fresh: [], changed: [], same: 2 });
    const next = reflectors.map((one) => (one.number === 2 ? { ...one, activity: 9 } : one));
    expect(compareDirectory(directory, family, next)).toMatchObject({
      fresh: [],
      same: 1,
      changed: [{ to: { number: 2, activity: 9 } }],
    });
    putDirectory(directory, family, next);
    expect(family.reflectors.byId['r2']).toEqual({ id: 'r2', number: 2, title: 'Dawn', modules: 'A', activity: 9 });
  });
});
