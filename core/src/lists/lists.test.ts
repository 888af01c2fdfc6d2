import { MODES } from '../registries/modes';
import { directoryOf, guessColumns, readSites } from '../registries/lists';
import { rows } from '../plan/table';
import { samplePlan } from '../testing/sample-plan';
import { unlistedRow } from './directory';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { describeReadFinding } from '../formats/format';
import { CALL_SIGN, readCallSign, readModes } from './cells';
import { readCoordinate } from './coordinates';
import { readDate } from './dates';
import { readNumber } from './numbers';
import { asColumn } from './columns';
import { correct, CORRECTIONS, differenceOf, saidOf, siteKey } from './corrections';
import { findDelimiter } from '../tables/delimiter';
import { decode, readRaw } from './raw';
import { writeSites } from './sites-json';
import type { ListedSite } from './types';

const bytes = (text: string) => new TextEncoder().encode(text);
const read = (text: string) => {
  const raw = readRaw(bytes(text));
  const columns = guessColumns(raw);
  return { raw, columns, fields: columns.map((one) => one.field), ...readSites(raw, columns) };
};

describe('cells', () => {
  it.each([
    ['145,6875', 145.6875],
    ['−0.6', -0.6],
    ['- 7.6', -7.6],
    ['.5', 0.5],
    ['1e3', null],
    ['12a', null],
    ['', null],
  ])('%s is %s', (text, value) => expect(readNumber(text)).toBe(value));

  it.each([
    ['46.7132', 46.7132],
    ['46,7132', 46.7132],
    ['-33.4185', -33.4185],
    ['46°42\'48"N', 46 + 42 / 60 + 48 / 3600],
    ['W 33 25.11', -(33 + 25.11 / 60)],
    ["33°61'W", null],
    ['181', null],
    ['north', null],
  ])('the coordinate %s is %s', (text, value) => {
    if (value === null) expect(readCoordinate(text)).toBeNull();
    else expect(readCoordinate(text)).toBeCloseTo(value, 9);
  });

  it('takes call signs with a letter behind, dates both ways, modes by word', () => {
    expect([readCallSign('qo1hsk b'), readCallSign('QO1HSK-C'), readCallSign('Hask'), readCallSign('12345')]).toEqual([
      { callSign: 'QO1HSK', module: 'B' },
      { callSign: 'QO1HSK', module: 'C' },
      null,
      null,
    ]);
    expect([readDate('30.9.2026'), readDate('2026-09-30T10:00'), readDate('31.13.2026')]).toEqual([
      '2026-09-30',
      '2026-09-30',
      null,
    ]);
    expect(readModes('DMR/FM, D-Star', MODES)).toEqual(['DMR', 'D-STAR', 'FM']);
    expect(CALL_SIGN.test('QO3VES')).toBe(true);
  });
});

describe('layouts', () => {
  it.each([
    ['a;b\n1,5;2\n2,5;3\n', ';'],
    ['a\tb\n1,5\t2\n', '\t'],
    ['a,b\n1.5,2\n', ','],
    ['a|b\n1|2\n', '|'],
    ['"x, y",b\n"1, 2",3\n', ','],
    ['one\ntwo\n', ','],
  ])('%j is cut at %j', (text, delimiter) => expect(findDelimiter(text)).toBe(delimiter));

  it('knows its encodings', () => {
    expect(decode(bytes('Kålv'))).toEqual({ text: 'Kålv', encoding: 'UTF-8' });
    expect(decode(Uint8Array.from([0x4b, 0xe5, 0x6c, 0x76]))).toEqual({ text: 'Kålv', encoding: 'ISO-8859-1' });
    expect(decode(Uint8Array.from([0xff, 0xfe, 0x4b, 0, 0xe5, 0])).text).toBe('Kå');
  });

  it('reads a line that says the delimiter, a mark at the beginning, and headings only where they are', () => {
    expect(readRaw(bytes('\ufeffsep=;\ncall;freq\nQO1A;145,6\n'))).toMatchObject({
      header: ['call', 'freq'],
      rows: [{ line: 3, cells: ['QO1A', '145,6'] }],
    });
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
    expect(fields).toEqual([
      'callSign',
      'name',
      'place',
      'lat',
      'lon',
      'output',
      'shift',
      'tone',
      'colorCode',
      'slot1',
      'slot2',
      'status',
      'confirmed',
    ]);
    expect([sites.length, rejected.length]).toEqual([10, 0]);
    expect(sites[0]!.site).toMatchObject({
      callSign: 'QO1HSK',
      module: 'B',
      txHz: 439_425_000,
      rxHz: 431_825_000,
      modes: ['DMR'],
      colorCode: 1,
      groups: [
        { slot: 1, number: 417, static: true },
        { slot: 2, number: 588, static: true },
        { slot: 2, number: 591, static: true },
      ],
      status: 'on the air',
      confirmedOn: '2026-10-12',
    });
    expect(sites[4]!.site).toMatchObject({ name: 'Kålv Lighthouse', place: 'Kålvøy', tone: '107.2', modes: ['FM'] });
    expect(sites[7]!.site.modes).toEqual(['FM', 'DMR']);
  });

  it('in Hz with pairs, and as GeoJSON, need none either', () => {
    const survey = list('survey.csv');
    expect(survey.fields).toEqual([
      'name',
      'callSign',
      'place',
      'output',
      'input',
      'tone',
      'colorCode',
      'mode:DMR',
      'mode:FM',
      'locator',
    ]);
    expect(survey.sites[0]!.site).toMatchObject({
      txHz: 438_650_000,
      rxHz: 431_050_000,
      modes: ['DMR'],
      name: 'North Cape',
    });
    expect(survey.sites[5]!.site).toMatchObject({ tone: 'D023N', modes: ['FM', 'DMR'] });
    const book = list('harbour-book.geojson');
    expect(book.sites.map(({ site }) => [site.callSign, site.lat, site.rxHz! - site.txHz])).toEqual([
      ['QO3LGT', 46.802, -7_600_000],
      ['QO3CAV', 46.618, -600_000],
      ['QO3SPR', 46.651, -7_600_000],
      ['QO3PIR', 46.5655, -600_000],
    ]);
  });

  it('without headings leaves the two columns that could be anything to the user', () => {
    const { raw, columns, fields } = list('boat-notes.csv');
    expect(raw.header).toBeNull();
    expect(fields).toEqual(['callSign', 'output', 'input', 'unused', 'tone', 'unused']);
    const chosen = columns.map((column, at) =>
      at === 3 ? asColumn(raw, 3, 'place') : at === 5 ? asColumn(raw, 5, 'colorCode') : column,
    );
    expect(readSites(raw, chosen).sites[0]!.site).toMatchObject({ place: '12 Quay Row', tone: '88.5' });
    expect(readSites(raw, chosen).sites[1]!.site).toMatchObject({ modes: ['DMR'], colorCode: 6 });
  });
});

describe('corrections', () => {
  const site = read('call,output,input,ctcss,cc,slot 1,slot 2,status\nQO1AA,439.1,431.5,88.5,3,417,588 591,on\n')
    .sites[0]!.site;

  it('read what they show, for every field', () => {
    for (const [field, { show, read: readText }] of Object.entries(CORRECTIONS))
      expect(correct(site, [{ field: field as 'tone', text: show(site) }]), field).toEqual({
        ...site,
        ...readText(show(site)),
      });
    expect(correct(site, [])).toBe(site);
  });

  it.each([
    ['tone', 'none', { tone: 'none' }],
    ['tone', '', { tone: null }],
    ['tone', 'D023R', { tone: 'D023I' }],
    ['colorCode', '15', { colorCode: 15 }],
    [
      'groups',
      'slot 2: 417, 588d',
      {
        groups: [
          { slot: 2, number: 417, static: true },
          { slot: 2, number: 588, static: false },
        ],
      },
    ],
    ['groups', '', { groups: [] }],
    ['input', '431,825 MHz', { rxHz: 431_825_000 }],
    ['status', 'off', { status: 'off the air' }],
    ['notes', 'Ask at the gate', { notes: 'Ask at the gate' }],
  ] as const)('%s takes “%s”', (field, text, expected) =>
    expect(correct(site, [{ field, text }])).toMatchObject(expected),
  );

  it.each([
    ['tone', '110.0'],
    ['colorCode', '16'],
    ['groups', '417'],
    ['groups', '3: 417'],
    ['input', '0.1'],
    ['status', 'perhaps'],
    ['notes', 'x'.repeat(501)],
  ] as const)('%s refuses “%s”', (field, text) => expect(CORRECTIONS[field].read(text)).toBeNull());

  it('a newer list is new, changed, the same or gone by call sign, module and frequency', () => {
    const other = { ...site, callSign: 'QO1BB' };
    const said = (...sites: ListedSite[]) =>
      sites.map((one) => ({ key: siteKey(one), callSign: one.callSign, said: saidOf(one) }));
    expect(
      differenceOf(
        said(site, other),
        said({ ...site, groups: [...site.groups].reverse() }, { ...other, txHz: other.txHz + 12_500 }),
      ),
    ).toEqual({ fresh: 1, changed: [], same: 1, gone: ['QO1BB'] });
    expect(differenceOf(said(site), said({ ...site, tone: '100.0' }))).toEqual({
      fresh: 0,
      changed: ['QO1AA'],
      same: 0,
      gone: [],
    });
  });
});

describe('lists that are no tables', () => {
  const readBytes = (text: string) => {
    const raw = readRaw(new TextEncoder().encode(text));
    return { raw, columns: guessColumns(raw), ...readSites(raw, guessColumns(raw)) };
  };

  it('waypoints of a GPX: name and place, and what is said beside as columns', () => {
    const gpx = (waypoints: string) =>
      `<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">${waypoints}</gpx>`;
    const { raw, sites } = readBytes(
      gpx(
        '<wpt lat="46.7132" lon="-33.4185"><name>QO1HSK B</name><cmt>439.4250; -7.6; CC 1</cmt></wpt><wpt lat="46.689" lon="-33.471"><name>QO1ELY C</name><cmt>438.6875; -7.6; CC 4</cmt><desc>near the quay &amp; church</desc></wpt>',
      ),
    );
    expect(raw.layout).toBe('UTF-8, GPX waypoints');
    expect(sites.map((one) => one.site)).toMatchObject([
      { callSign: 'QO1HSK', module: 'B', lat: 46.7132, lon: -33.4185, txHz: 439_425_000, rxHz: 431_825_000 },
      { callSign: 'QO1ELY', txHz: 438_687_500 },
    ]);
    // A place off the earth, or no waypoints at all, is a table of nothing.
    for (const bad of [gpx('<wpt lat="99" lon="0"/>'), '<html><body>no</body></html>', '<gpx><wpt lat="1"'])
      expect(readBytes(bad).sites).toEqual([]);
  });

  const listed = fc
    .record({
      callSign: fc.constantFrom('QO1HSK', 'QO2NRT', '9Q1AB'),
      module: fc.constantFrom('', 'B', 'C'),
      name: fc.constantFrom('', 'Hask Head', 'Kålv, Lighthouse; north'),
      place: fc.constantFrom('', 'Hask'),
      lat: fc.constantFrom(null, 46.7132),
      lon: fc.constant(-33.4185 as number | null),
      txHz: fc.constantFrom(439_425_000, 145_687_500),
      rxHz: fc.constantFrom(null, 431_825_000),
      modes: fc.constantFrom<ListedSite['modes'][]>(['DMR'], ['FM'], ['FM', 'DMR']),
      colorCode: fc.constantFrom(null, 0, 15),
      groups: fc.constantFrom<ListedSite['groups'][]>(
        [],
        [
          { slot: 1, number: 417, static: true },
          { slot: 2, number: 591, static: false },
          { slot: null, number: 99, static: true },
        ],
      ),
      tone: fc.constantFrom<ListedSite['tone'][]>(null, 'none', '110.9', 'D023I', '1750'),
      toneOut: fc.constantFrom<ListedSite['toneOut'][]>(null, 'none', '100.0'),
      widthHz: fc.constantFrom<ListedSite['widthHz'][]>(null, 12_500, 25_000),
      nac: fc.constantFrom(null, '293'),
      groupId: fc.constantFrom(null, '05'),
      networks: fc.constantFrom<string[][]>([], ['Lantern', 'Causeway']),
      linked: fc.constantFrom('', 'LNK001 C'),
      country: fc.constantFrom('', 'Ostrey'),
      status: fc.constantFrom('on the air' as const, 'off the air' as const, 'not said' as const),
      confirmedOn: fc.constantFrom(null, '2026-10-12'),
      notes: fc.constantFrom('', 'ask at the gate'),
    })
    .map((site): ListedSite => ({
      ...site,
      lon: site.lat === null ? null : site.lon,
      modes:
        site.colorCode !== null || site.groups.length > 0 ? [...new Set([...site.modes, 'DMR' as const])] : site.modes,
    }));

  it('our own JSON reads back as it was written', () => {
    fc.assert(
      fc.property(fc.uniqueArray(listed, { minLength: 1, maxLength: 8, selector: siteKey }), (sites) => {
        const { raw, columns, ...read } = readBytes(
          writeSites({ name: 'club', source: '', licence: '', issuedOn: null }, sites),
        );
        expect([raw.layout, columns.every((column) => column.confidence === 1), read.rejected]).toEqual([
          'UTF-8, our own JSON',
          true,
          [],
        ]);
        // What a mode follows from (a tone, a color code) adds that mode; all else is the same.
        const plain = (site: ListedSite) => ({
          ...site,
          modes: [],
          groups: new Set(site.groups.map((one) => JSON.stringify(one))),
        });
        expect(read.sites.map((one) => plain(one.site))).toEqual(sites.map(plain));
        read.sites.forEach((one, at) => expect(one.site.modes).toEqual(expect.arrayContaining(sites[at]!.modes)));
      }),
    );
    for (const bad of [
      '{"format":"yellow-relay-sites","formatVersion":3,"sites":[]}',
      '{"format":"yellow-relay-sites","formatVersion":1,"sites":[null,7,{"groups":3}]}',
      '{',
    ])
      expect(readBytes(bad).sites).toEqual([]);
  });
});

describe('rows that are wrong', () => {
  it('are rejected with line, column, found and expected; lesser faults are doubts', () => {
    const { sites, rejected } = read(
      'call,output,shift,ctcss,cc,lat,lon\nQO1AA,145.6,-0.6,110.0,3,46.7,-33.4\nhello,145.7,-0.6,,,46.7,-33.4\nQO1AC,,−0.6,,,46.7,-33.4\nQO1AD,439.1,-,88.5,99,95.1,-33.4\nQO1AE,145.75,-,,2,46.7,-33.4\n',
    );
    expect(rejected.map((one) => describeReadFinding(one.finding))).toEqual([
      'Line 3, call: found “hello”, expected a call sign.',
      'Line 4, output: found nothing, expected the frequency the site sends on.',
    ]);
    expect(sites[0]!.doubts.map(describeReadFinding)).toEqual([
      'Line 2, ctcss: found “110.0”, expected a tone of the table, such as 110.9.',
    ]);
    expect(sites[1]!.doubts.map(describeReadFinding)).toEqual([
      'Line 5, shift: found “-”, expected a shift with its size.',
      'Line 5, lat: found “95.1”, expected degrees from −90 to 90.',
      'Line 5, cc: found “99”, expected a color code from 0 to 15.',
    ]);
    // A sign alone is enough in the 2 m band. Common practice.
    expect(sites[2]!.site.rxHz).toBe(145_150_000);
  });

  it('never crash the reader, whatever they hold', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('QO1HSK B', '145,6875', '439425000', '-0.6', '88.5', "46°42'N", 'HN36kv', 'yes', '"', ';', '\n'),
    );
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { maxLength: 8 }), { maxLength: 12 }),
        fc.constantFrom(',', ';', '\t'),
        (rows, delimiter) => {
          const result = read(rows.map((row) => row.join(delimiter)).join('\n'));
          const lines = [...result.sites, ...result.rejected].map((one) => one.line);
          expect(new Set(lines).size).toBe(result.raw.rows.length);
          for (const { site } of result.sites) expect(site.txHz).toBeGreaterThan(1_000_000);
        },
      ),
      { numRuns: 200 },
    );
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 200 }),
        (data) => void expect(() => readSites(readRaw(data), guessColumns(readRaw(data)))).not.toThrow(),
      ),
    );
  });
});

describe('a number that no list has', () => {
  const plan = samplePlan();
  const network = rows(plan.networks)[0]!;
  const directory = directoryOf(network.mode);
  it.each([
    ['12345', 12_345],
    [' 9990123 ', 9_990_123],
    ['417', null],
    ['Hask', null],
    ['', null],
    ['99999999', null],
  ])('%j is taken as %j', (typed, number) => {
    expect(unlistedRow(directory, network, typed)?.number ?? null).toBe(number);
  });
});
