import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { describeReadFinding } from '../formats/format';
import { parseTone } from '../radio-math/tones';
import { CALL_SIGN, readCallSign, readCoordinate, readDate, readModes, readNumber } from './cells';
import { asColumn, guessColumns } from './columns';
import { correct, CORRECTIONS, differenceOf } from './corrections';
import { decode, findDelimiter, readRaw } from './raw';
import { readSites } from './read-sites';

const bytes = (text: string) => new TextEncoder().encode(text);
const read = (text: string) => {
  const raw = readRaw(bytes(text));
  const columns = guessColumns(raw);
  return { raw, columns, fields: columns.map((one) => one.field), ...readSites(raw, columns) };
};

describe('cells', () => {
  it.each([['145,6875', 145.6875], ['−0.6', -0.6], ['- 7.6', -7.6], ['.5', 0.5], ['1e3', null], ['12a', null], ['', null]])('%s is %s', (text, value) => expect(readNumber(text)).toBe(value));

  it.each([['46.7132', 46.7132], ['46,7132', 46.7132], ['-33.4185', -33.4185], ['46°42\'48"N', 46 + 42 / 60 + 48 / 3600], ['W 33 25.11', -(33 + 25.11 / 60)], ['33°61\'W', null], ['181', null], ['north', null]])('the coordinate %s is %s', (text, value) => {
    if (value === null) expect(readCoordinate(text)).toBeNull();
    else expect(readCoordinate(text)).toBeCloseTo(value, 9);
  });

  // CTCSS of the table: 110.9, 107.2, 100.0, 162.2 are in it, 110.0 is not. TIA-603 and from memory.
  it.each([['110.9', 110.9, null], ['107,2 Hz', 107.2, null], ['CTCSS 100.0', 100, null], ['162.2', 162.2, null], ['D023N', null, '023'], ['DCS 754', null, '754'], ['none', null, null], ['', null, null]])('the tone %s', (text, ctcssHz, dcs) => expect(parseTone(text)).toEqual({ ctcssHz, dcs }));
  it.each(['110.0', 'D999', 'loud', '1750'])('%s is no tone of the table', (text) => expect(parseTone(text)).toBeNull());

  it('takes call signs with a letter behind, dates both ways, modes by word', () => {
    expect([readCallSign('qo1hsk b'), readCallSign('QO1HSK-C'), readCallSign('Hask'), readCallSign('12345')]).toEqual([{ callSign: 'QO1HSK', module: 'B' }, { callSign: 'QO1HSK', module: 'C' }, null, null]);
    expect([readDate('30.9.2026'), readDate('2026-09-30T10:00'), readDate('31.13.2026')]).toEqual(['2026-09-30', '2026-09-30', null]);
    expect(readModes('DMR/FM, D-Star')).toEqual(['D-STAR', 'DMR', 'FM']);
    expect(CALL_SIGN.test('QO3VES')).toBe(true);
  });
});

describe('layouts', () => {
  it.each([['a;b\n1,5;2\n2,5;3\n', ';'], ['a\tb\n1,5\t2\n', '\t'], ['a,b\n1.5,2\n', ','], ['a|b\n1|2\n', '|'], ['"x, y",b\n"1, 2",3\n', ','], ['one\ntwo\n', ',']])('%j is cut at %j', (text, delimiter) => expect(findDelimiter(text)).toBe(delimiter));

  it('knows its encodings', () => {
    expect(decode(bytes('Kålv'))).toEqual({ text: 'Kålv', encoding: 'UTF-8' });
    expect(decode(Uint8Array.from([0x4b, 0xe5, 0x6c, 0x76]))).toEqual({ text: 'Kålv', encoding: 'ISO-8859-1' });
    expect(decode(Uint8Array.from([0xff, 0xfe, 0x4b, 0, 0xe5, 0])).text).toBe('Kå');
  });

  it('reads a line that says the delimiter, a mark at the beginning, and headings only where they are', () => {
    expect(readRaw(bytes('\ufeffsep=;\ncall;freq\nQO1A;145,6\n'))).toMatchObject({ header: ['call', 'freq'], rows: [{ line: 3, cells: ['QO1A', '145,6'] }] });
    expect(readRaw(bytes('QO1AB;145,6\nQO1AC;145,7\n')).header).toBeNull();
  });
});

describe('the demo’s lists', () => {
  const list = (name: string) => {
    const raw = readRaw(readFileSync(new URL(`../../../demo/lists/${name}`, import.meta.url)));
    const columns = guessColumns(raw);
    return { raw, columns, fields: columns.map((one) => one.field), ...readSites(raw, columns) };
  };

  it('with semicolons, decimal commas and ISO-8859-1 letters needs no setting', () => {
    const { raw, fields, sites, rejected } = list('isles-club.csv');
    expect(raw.layout).toBe('ISO-8859-1, semicolons');
    expect(fields).toEqual(['callSign', 'name', 'place', 'lat', 'lon', 'output', 'shift', 'tone', 'colorCode', 'slot1', 'slot2', 'status', 'confirmed']);
    expect([sites.length, rejected.length]).toEqual([10, 0]);
    expect(sites[0]!.site).toMatchObject({ callSign: 'QO1HSK', module: 'B', txHz: 439_425_000, rxHz: 431_825_000, modes: ['DMR'], colorCode: 1, groups: [{ slot: 1, number: 417 }, { slot: 2, number: 588 }, { slot: 2, number: 591 }], status: 'on the air', confirmedOn: '2026-10-12' });
    expect(sites[4]!.site).toMatchObject({ name: 'Kålv Lighthouse', place: 'Kålvøy', ctcssHz: 107.2, modes: ['FM'] });
    expect(sites[7]!.site.modes).toEqual(['FM', 'DMR']);
  });

  it('in Hz with pairs, and as GeoJSON, need none either', () => {
    const survey = list('survey.csv');
    expect(survey.fields).toEqual(['name', 'callSign', 'place', 'output', 'input', 'tone', 'colorCode', 'mode:DMR', 'mode:FM', 'locator']);
    expect(survey.sites[0]!.site).toMatchObject({ txHz: 438_650_000, rxHz: 431_050_000, modes: ['DMR'], name: 'North Cape' });
    expect(survey.sites[5]!.site).toMatchObject({ dcs: '023', modes: ['FM', 'DMR'] });
    const book = list('harbour-book.geojson');
    expect(book.sites.map(({ site }) => [site.callSign, site.lat, site.rxHz! - site.txHz])).toEqual([['QO3LGT', 46.802, -7_600_000], ['QO3CAV', 46.618, -600_000], ['QO3SPR', 46.651, -7_600_000], ['QO3PIR', 46.5655, -600_000]]);
  });

  it('without headings leaves the column that could be anything to the user', () => {
    const { raw, columns, fields } = list('boat-notes.csv');
    expect(raw.header).toBeNull();
    expect(fields).toEqual(['callSign', 'output', 'input', 'unused', 'tone']);
    const chosen = columns.map((column, at) => (at === 3 ? asColumn(raw, 3, 'place') : column));
    expect(readSites(raw, chosen).sites[0]!.site).toMatchObject({ place: '12 Quay Row', ctcssHz: 88.5 });
  });
});

describe('corrections', () => {
  const site = read('call,output,input,ctcss,cc,slot 1,slot 2,status\nQO1AA,439.1,431.5,88.5,3,417,588 591,on\n').sites[0]!.site;

  it('read what they show, for every field', () => {
    for (const [field, { show, read: readText }] of Object.entries(CORRECTIONS)) expect(correct(site, [{ field: field as 'tone', text: show(site) }]), field).toEqual(site.ctcssHz === null ? site : { ...site, ...readText(show(site)) });
    expect(correct(site, [])).toBe(site);
  });

  it.each([
    ['tone', 'none', { ctcssHz: null, dcs: null }],
    ['tone', 'D023N', { ctcssHz: null, dcs: '023' }],
    ['colorCode', '15', { colorCode: 15 }],
    ['groups', 'slot 2: 417, 588', { groups: [{ slot: 2, number: 417 }, { slot: 2, number: 588 }] }],
    ['groups', '', { groups: [] }],
    ['input', '431,825 MHz', { rxHz: 431_825_000 }],
    ['status', 'off', { status: 'off the air' }],
    ['notes', 'Ask at the gate', { notes: 'Ask at the gate' }],
  ] as const)('%s takes “%s”', (field, text, expected) => expect(correct(site, [{ field, text }])).toMatchObject(expected));

  it.each([['tone', '110.0'], ['colorCode', '16'], ['groups', '417'], ['groups', '3: 417'], ['input', '0.1'], ['status', 'perhaps'], ['notes', 'x'.repeat(501)]] as const)('%s refuses “%s”', (field, text) => expect(CORRECTIONS[field].read(text)).toBeNull());

  it('a newer list is new, changed, the same or gone by call sign, module and frequency', () => {
    const other = { ...site, callSign: 'QO1BB' };
    expect(differenceOf([site, other], [{ ...site, groups: [...site.groups].reverse() }, { ...other, txHz: other.txHz + 12_500 }])).toEqual({ fresh: 1, changed: [], same: 1, gone: ['QO1BB'] });
    expect(differenceOf([site], [{ ...site, ctcssHz: 100 }])).toEqual({ fresh: 0, changed: ['QO1AA'], same: 0, gone: [] });
  });
});

describe('rows that are wrong', () => {
  it('are rejected with line, column, found and expected; lesser faults are doubts', () => {
    const { sites, rejected } = read('call,output,shift,ctcss,cc,lat,lon\nQO1AA,145.6,-0.6,110.0,3,46.7,-33.4\nhello,145.7,-0.6,,,46.7,-33.4\nQO1AC,,−0.6,,,46.7,-33.4\nQO1AD,439.1,-,88.5,99,95.1,-33.4\nQO1AE,145.75,-,,2,46.7,-33.4\n');
    expect(rejected.map((one) => describeReadFinding(one.finding))).toEqual(['Line 3, call: found “hello”, expected a call sign.', 'Line 4, output: found nothing, expected the frequency the site sends on.']);
    expect(sites[0]!.doubts.map(describeReadFinding)).toEqual(['Line 2, ctcss: found “110.0”, expected a tone of the table, such as 110.9.']);
    expect(sites[1]!.doubts.map(describeReadFinding)).toEqual([
      'Line 5, lat: found “95.1”, expected degrees, from −90 to 90 and from −180 to 180.',
      'Line 5, cc: found “99”, expected a color code from 0 to 15.',
      'Line 5, shift: found “-”, expected a shift with its size.',
    ]);
    // A sign alone is enough in the 2 m band. Common practice.
    expect(sites[2]!.site.rxHz).toBe(145_150_000);
  });

  it('never crash the reader, whatever they hold', () => {
    const cell = fc.oneof(fc.string({ maxLength: 12 }), fc.constantFrom('QO1HSK B', '145,6875', '439425000', '-0.6', '88.5', '46°42\'N', 'HN36kv', 'yes', '"', ';', '\n'));
    fc.assert(
      fc.property(fc.array(fc.array(cell, { maxLength: 8 }), { maxLength: 12 }), fc.constantFrom(',', ';', '\t'), (rows, delimiter) => {
        const result = read(rows.map((row) => row.join(delimiter)).join('\n'));
        const lines = [...result.sites, ...result.rejected].map((one) => one.line);
        expect(new Set(lines).size).toBe(result.raw.rows.length);
        for (const { site } of result.sites) expect(site.txHz).toBeGreaterThan(1_000_000);
      }),
      { numRuns: 200 },
    );
    fc.assert(fc.property(fc.uint8Array({ maxLength: 200 }), (data) => void expect(() => readSites(readRaw(data), guessColumns(readRaw(data)))).not.toThrow()));
  });
});
