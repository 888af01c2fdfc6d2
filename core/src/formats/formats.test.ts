import { codeplugCsv } from '../registries/codeplug-csv';
import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { parse as independentParse } from 'csv-parse/sync';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { arbitraryPlan, name } from '../testing/arbitrary-plan';
import { channelOf, samplePlan } from '../testing/sample-plan';
import { compareDirectory, putDirectory } from '../lists/directory';
import { directoryOf } from '../registries/lists';
import { dmrNetwork } from '../modes/dmr/networks';
import { rows } from '../plan/table';
import type { Codeplug } from '../plan/types';
import { groupsCsv } from '../modes/dmr/formats/groups-csv';
import { harmless, original } from '../tables/harmless';
import { readCsv, writeCsv } from './csv';
import { bytesOf, describeReadFinding, textOf } from './format';
import { planJson } from './plan-json';

/** What a codeplug table does not keep, by its own description. */
function asTable(codeplug: Codeplug): Codeplug {
  const copy = structuredClone(codeplug);
  for (const channel of rows(copy.channels)) Object.assign(channel, { built: null, wantId: null });
  return copy;
}

describe('csv', () => {
  const cell = fc.oneof(name, fc.constantFrom('', '"', 'a\nb', 'a\r\nb', '-7.6', '+5', '=SUM(A1)', "'=x", "''", '\tx'));

  it('comes back as it went, for any cells', () => {
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 2, maxLength: 5 }), { minLength: 1, maxLength: 8 }), (table) => {
        expect(
          readCsv(writeCsv([Array(8).fill('head'), ...table]))
            .rows.slice(1)
            .map((row) => row.cells),
        ).toEqual(table);
      }),
    );
  });

  it('is read the same by an independent parser, but for the apostrophe against formulas', () => {
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 3, maxLength: 3 }), { minLength: 1, maxLength: 8 }), (table) => {
        const read = independentParse(writeCsv(table), {
          relax_column_count: true,
          record_delimiter: '\r\n',
        }) as string[][];
        expect(read.map((row) => row.map(original))).toEqual(table);
        expect(read.flat().filter((one) => /^[=+\-@\t\r]/.test(one) && !/^[+-]\d+(\.\d+)?$/.test(one))).toEqual([]);
      }),
    );
  });

  it.each([
    ['=1+1', "'=1+1"],
    ['@x', "'@x"],
    ['-7.6', '-7.6'],
    ['+0.6', '+0.6'],
    ['-x', "'-x"],
    ["'=x", "''=x"],
    ['plain', 'plain'],
    ["it's", "it's"],
  ])('%s is written %s', (text, written) => {
    expect(harmless(text)).toBe(written);
    expect(original(written)).toBe(text);
  });

  // csv-spectrum: an independent set of cases from the registry. Of one case its two files name different telephone
  // numbers.
  const spectrum = dirname(createRequire(import.meta.url).resolve('csv-spectrum/package.json'));
  it.each(
    readdirSync(join(spectrum, 'csvs')).filter((file) => file.endsWith('.csv') && file !== 'location_coordinates.csv'),
  )('reads %s', (file) => {
    const { rows: table, findings } = readCsv(readFileSync(join(spectrum, 'csvs', file), 'utf8'));
    const [head, ...body] = table.map((row) => row.cells);
    const expected = JSON.parse(readFileSync(join(spectrum, 'json', file.replace('.csv', '.json')), 'utf8')) as
      Record<string, string> | Record<string, string>[];
    expect(findings).toEqual([]);
    expect(body.map((cells) => Object.fromEntries(head!.map((column, at) => [column, cells[at]])))).toEqual(
      [expected].flat(),
    );
  });

  it('knows the line of a row after cells with line ends, and takes semicolons and a byte order mark', () => {
    expect(readCsv('\ufeffa;b\n"1\n2";x\n\n3;4\n').rows).toEqual([
      { line: 1, cells: ['a', 'b'] },
      { line: 2, cells: ['1\n2', 'x'] },
      { line: 5, cells: ['3', '4'] },
    ]);
  });
});

describe('codeplug table', () => {
  it('loses nothing, for any plan', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const codeplug = plan.codeplugs['r1']!;
        const text = codeplugCsv.write(codeplug, undefined);
        const { value, findings } = codeplugCsv.read(text);
        expect(findings).toEqual([]);
        expect(value).toEqual(asTable(codeplug));
        expect(codeplugCsv.write(value!, undefined)).toEqual(text);
      }),
      { numRuns: 100 },
    );
  });

  const withKeys = (change: (codeplug: Codeplug) => void) => {
    const codeplug = structuredClone(samplePlan().codeplugs['r1']!);
    change(codeplug);
    return codeplugCsv.write(codeplug, undefined);
  };

  it('keeps which channels the keys of the radio lead to', () => {
    const keys = { homeId: 'ch-w-g2', quickKeys: { P1: 'ch-w-g1', 'P 2': 'ch-w-g2' } };
    const { value, findings } = codeplugCsv.read(withKeys((codeplug) => Object.assign(codeplug, keys)));
    expect(findings).toEqual([]);
    expect(value).toMatchObject(keys);
  });

  it.each<[string, Partial<Codeplug>, string]>([
    ['home', { homeId: 'ch-gone' }, 'Members: found “ch-gone”, expected the key of a channel in this file.'],
    ['quick', { quickKeys: { P1: 'gone' } }, 'Members: found “gone”, expected the key of a channel in this file.'],
    ['nowhere', { quickKeys: { P1: '' } }, 'Members: found nothing, expected the key of one channel.'],
    ['two', { quickKeys: { P1: 'ch-w-g1 | ch-w-g2' } }, 'expected the key of one channel.'],
    ['without a name', { quickKeys: { '': 'ch-w-g1' } }, 'Name: found nothing, expected a key of 1 to 20 characters.'],
  ])('says what is wrong with a key: %s', (_, keys, message) => {
    const { value, findings } = codeplugCsv.read(withKeys((codeplug) => Object.assign(codeplug, keys)));
    expect(value).toBeNull();
    expect(findings.map(describeReadFinding).join(' ')).toContain(message);
  });

  it('has one home key, and each quick key once', () => {
    const lines = textOf(
      withKeys((codeplug) => Object.assign(codeplug, { homeId: 'ch-w-g1', quickKeys: { P1: 'ch-w-g1' } })),
    ).split('\r\n');
    const keys = lines.filter((line) => /^(home|quick) key/.test(line));
    const { findings } = codeplugCsv.read(bytesOf([...lines.slice(0, -1), ...keys, ''].join('\r\n')));
    expect(findings.map(({ place, expected }) => `${place}: ${expected}`)).toEqual([
      'Record: one home key',
      'Name: a key that no line above has',
    ]);
  });

  const good = textOf(codeplugCsv.write(samplePlan().codeplugs['r1']!, undefined)).split('\r\n');
  const CELLS = good[0]!.split(',').length;
  const spoiled = (line: number, from: string, to: string) =>
    good.map((text, at) => (at + 1 === line ? text.replace(from, to) : text)).join('\r\n');

  it.each([
    [
      'a color code of 99',
      spoiled(2, 'low,1,2', 'low,99,2'),
      'Line 2, Color code: found “99”, expected a whole number from 0 to 15.',
    ],
    ['slot 3', spoiled(3, ',1,2,group', ',1,3,group'), 'Line 3, Slot: found “3”, expected “1” or “2”.'],
    [
      'a frequency in words',
      spoiled(2, '439.1250', 'high'),
      'Line 2, Receive MHz: found “high”, expected a frequency in MHz, such as 439.125.',
    ],
    [
      'a zone with a channel that is not there',
      spoiled(6, 'ch-w-g2', 'ch-gone'),
      'Line 6, Members: found “ch-gone”, expected the key of a channel in this file.',
    ],
    [
      'a kind of record that is none',
      spoiled(6, 'zone', 'zoo'),
      'Line 6, Record: found “zoo”, expected channel, zone, scan list, home key, quick key, contact, receive list, room, tone code.',
    ],
    ['a cell missing', spoiled(4, 'channel,', ''), `Line 4, row: found “${CELLS - 1} cells”, expected ${CELLS} cells.`],
    ['a column missing', spoiled(1, 'Slot', 'Slit'), 'Line 1, Slot: found nothing, expected a column headed “Slot”.'],
    [
      'the same key twice',
      spoiled(3, 'ch-w-g2', 'ch-w-g1'),
      'Line 3, Key: found “ch-w-g1”, expected a key that no line above has.',
    ],
  ])('with %s is not read, and says the line', (_, text, message) => {
    const { value, findings } = codeplugCsv.read(bytesOf(text));
    expect(value).toBeNull();
    expect(findings.map(describeReadFinding)).toContain(message);
  });
});

describe('plan file', () => {
  it('loses nothing, for any plan', () => {
    fc.assert(
      fc.property(
        arbitraryPlan,
        (plan) =>
          void expect(planJson.read(planJson.write(plan, { passwords: true }))).toEqual({ value: plan, findings: [] }),
      ),
      { numRuns: 60 },
    );
  });

  it('leaves passwords out unless asked for', () => {
    expect(textOf(planJson.write(samplePlan(), { passwords: false }))).not.toContain('practice');
    expect(textOf(planJson.write(samplePlan(), { passwords: true }))).toContain('"password": "practice"');
  });

  it('says the line of broken JSON', () => {
    const text = textOf(planJson.write(samplePlan(), { passwords: true })).replace('"station"', 'station');
    expect(planJson.read(bytesOf(text)).findings[0]).toMatchObject({ line: 5, expected: 'JSON (RFC 8259)' });
  });
});

describe('a list of talk groups', () => {
  const listed = fc.uniqueArray(
    fc.record({
      number: fc.integer({ min: 1, max: 0xfffcdf }),
      name,
      category: fc.constantFrom('local' as const, 'world' as const, 'test' as const),
    }),
    { selector: (one) => one.number, maxLength: 12 },
  );

  it('comes back as it went', () => {
    fc.assert(
      fc.property(
        listed,
        (groups) =>
          void expect(groupsCsv.read(groupsCsv.write(groups, undefined))).toEqual({ value: groups, findings: [] }),
      ),
    );
  });

  it('is read with its columns in any order, and says what is wrong with line, place, found and expected', () => {
    expect(groupsCsv.read(bytesOf('Category;Name;Number\nlocal;Hask Wide;417\n')).value).toEqual([
      { number: 417, name: 'Hask Wide', category: 'local' },
    ]);
    const { value, findings } = groupsCsv.read(
      bytesOf('Number,Name,Category\n0,Nobody,local\n588,,local\n591,Ferry,far\n591,Ferry,local\n'),
    );
    expect(value).toBeNull();
    expect(findings.map(describeReadFinding)).toEqual([
      'Line 2, Number: found “0”, expected a whole number from 1 to 16,776,415.',
      'Line 3, Name: found nothing, expected a name of 1 to 60 characters.',
      'Line 4, Category: found “far”, expected local, region, nation, world, tactical, test.',
      'Line 5, Number: found 591 again, as on line 4, expected each number once.',
    ]);
    expect(groupsCsv.read(bytesOf('Number,Name\n')).findings).toEqual([
      { line: 1, place: 'Category', found: 'nothing', expected: 'a column headed “Category”' },
    ]);
  });

  it('is compared by number, and changes only what differs', () => {
    const plan = samplePlan();
    const network = dmrNetwork(plan, 'n1')!;
    const list = [
      { number: 417, name: 'Hask Wide', category: 'local' as const },
      { number: 588, name: 'All Isles', category: 'nation' as const },
      { number: 700, name: 'New', category: 'test' as const },
    ];
    const { fresh, changed, same } = compareDirectory(directoryOf('dmr'), network, list);
    expect([fresh.length, changed.length, same]).toEqual([1, 1, 1]);
    const changedPlan = edit(plan, (draft) => putDirectory(directoryOf('dmr'), dmrNetwork(draft, 'n1')!, list)).plan;
    const read = dmrNetwork(changedPlan, 'n1')!;
    expect(rows(read.groups).map((group) => [group.id, group.number, group.name])).toEqual([
      ['g1', 417, 'Hask Wide'],
      ['g2', 588, 'All Isles'],
      ['g3', 591, 'Ferry Net'],
      ['g700', 700, 'New'],
    ]);
    expect(compareDirectory(directoryOf('dmr'), read, list)).toMatchObject({ fresh: [], changed: [], same: 3 });
  });
});

describe('channel fields', () => {
  it('keep a channel’s name and shift when they are read in any order', () => {
    const plan = edit(samplePlan(), (draft) =>
      Object.assign(channelOf(draft, 'g1'), { rxHz: 438_612_500, txHz: 431_012_500 }),
    ).plan;
    const { value } = codeplugCsv.read(codeplugCsv.write(plan.codeplugs['r1']!, undefined));
    expect(value!.channels.byId['ch-w-g1']).toMatchObject({ rxHz: 438_612_500, txHz: 431_012_500 });
  });
});
