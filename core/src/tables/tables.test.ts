import { parse as independentParse } from 'csv-parse/sync';
import Excel from 'exceljs';
import { XMLParser } from 'fast-xml-parser';
import fc from 'fast-check';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { encodeText, type Encoding } from './encoding';
import { openTables, unpacked } from './open';
import type { TableEdit } from './table-file';

const bytes = (text: string) => new TextEncoder().encode(text);
const text = (of: Uint8Array) => new TextDecoder('utf-8', { ignoreBOM: true }).decode(of);
const edit = (part: string, change: Partial<TableEdit>): Map<string, TableEdit> =>
  new Map([[part, { cells: new Map(), removed: new Set(), added: [], ...change }]]);
const cell = (row: number, column: number, to: string) => new Map([[row, new Map([[column, to]])]]);

/** A line of cells as some program would write it. */
function lineOf(cells: readonly string[], delimiter: string, quotes: string): string {
  return cells
    .map((one) =>
      quotes === 'all' || one.includes(delimiter) || /["\r\n]/.test(one) ? `"${one.replaceAll('"', '""')}"` : one,
    )
    .join(delimiter);
}

const dialect = fc.record({
  delimiter: fc.constantFrom(',', ';', '\t', '|'),
  newline: fc.constantFrom('\r\n', '\n'),
  quotes: fc.constantFrom('all', 'needed'),
  encoding: fc.constantFrom<Encoding>('utf-8', 'utf-16le', 'utf-16be', 'windows-1252'),
  mark: fc.boolean(),
  ends: fc.boolean(),
});
const word = fc.stringMatching(/^[A-Za-zäé][A-Za-z0-9äé ]{0,8}[a-z]$/);
const rowOf = fc.tuple(
  fc.integer({ min: 1, max: 9999 }).map(String),
  word,
  fc.oneof(word, fc.constant(''), fc.constant('a "b" c')),
);

describe('delimited text', () => {
  it('in any dialect is cut as an independent parser cuts it, and comes back byte for byte', async () => {
    await fc.assert(
      fc.asyncProperty(dialect, fc.array(rowOf, { minLength: 2, maxLength: 12 }), async (of, rows) => {
        const lines = [['No', 'Name', 'Note'], ...rows].map((cells) => lineOf(cells, of.delimiter, of.quotes));
        const whole = lines.join(of.newline) + (of.ends ? of.newline : '');
        const given = encodeText(whole, of);
        const file = await openTables(given);
        const [table] = file.tables;
        const read = independentParse(whole, { delimiter: of.delimiter, relax_column_count: true }) as string[][];
        expect([table!.header, ...table!.rows.map(({ cells }) => cells)]).toEqual(read);
        expect(await file.write(new Map())).toEqual(given);
        // A cell that is set to what it is changes nothing either, but perhaps its quotes.
        const same = await file.write(edit('', { cells: cell(0, 1, rows[0]![1]) }));
        expect((await openTables(same)).tables[0]!.rows).toEqual(table!.rows);
      }),
      { numRuns: 60 },
    );
  });

  it('is written with only the changed cells, rows taken out and put behind the last', async () => {
    const given = 'sep=;\r\nMy radio\r\n\r\n"Nr";"Name";MHz\r\n"1";"A ""x""";439,125\r\n"2";"B";438,5\r\n# the end';
    const file = await openTables(bytes(given));
    expect(file.tables[0]).toMatchObject({ header: ['Nr', 'Name', 'MHz'], rows: [{ line: 5 }, { line: 6 }] });
    const next = await file.write(
      edit('', { cells: cell(0, 2, '433'), removed: new Set([1]), added: [['3', 'C;d', '1,5']] }),
    );
    expect(text(next)).toBe(
      'sep=;\r\nMy radio\r\n\r\n"Nr";"Name";MHz\r\n"1";"A ""x""";433\r\n"3";"C;d";1,5\r\n# the end',
    );
  });

  it('gives a file without a last line end a new row all the same, and keeps it without', async () => {
    const file = await openTables(bytes('Nr,Name\n1,Ab\n2,Cd'));
    expect(text(await file.write(edit('', { added: [['3', 'Ef']] })))).toBe('Nr,Name\n1,Ab\n2,Cd\n3,Ef');
  });

  it.each([
    ['Nr,Name,Width\n1,Ab,Wide\n2,Cd,Narrow', ['Nr', 'Name', 'Width']],
    ['Nr,Width\n1,Wide\n2,Width', ['Nr', 'Width']],
    ['1,Ab,439.125\n2,Cd,438.5', null],
    ['Ab;439,125\nCd;438,5', null],
  ])('knows whether %j has titles', async (given, header) => {
    expect((await openTables(bytes(given))).tables[0]!.header).toEqual(header);
  });

  it('tells a line of one cell among others, and leaves it', async () => {
    const file = await openTables(bytes('Nr,Name,MHz\n1,Ab,439.1\nbroken\n2,Cd,438.5\n'));
    expect(file.faults).toEqual([{ part: '', line: 3, found: '1 cell', expected: '3 cells' }]);
    expect(text(await file.write(edit('', { removed: new Set([0]) })))).toBe('Nr,Name,MHz\nbroken\n2,Cd,438.5\n');
  });
});

const XML =
  '<?xml version="1.0"?>\r\n<!-- kept -->\r\n<radio v="1">\r\n  <chs>\r\n    <ch id="1"><nm>A</nm><f/><m>x</m></ch>\r\n' +
  '    <ch id="2"><nm>B &amp; b</nm><f>2</f><m>y</m><m>z</m></ch>\r\n  </chs>\r\n</radio>\r\n';

describe('XML', () => {
  it('gives rows, attributes and lists, as an independent parser reads them', async () => {
    const [table] = (await openTables(bytes(XML))).tables;
    expect(table).toMatchObject({ part: '/radio/chs/ch', header: ['@id', 'nm', 'f', 'm'] });
    expect(table!.rows[1]).toEqual({ line: 6, cells: ['2', 'B & b', '2', '["y","z"]'] });
    const read = new XMLParser().parse(XML) as { radio: { chs: { ch: { nm: string }[] } } };
    expect(table!.rows.map(({ cells }) => cells[1])).toEqual(read.radio.chs.ch.map(({ nm }) => nm));
  });

  it('is written with the rest letter for letter', async () => {
    const file = await openTables(bytes(XML));
    const next = await file.write(
      edit('/radio/chs/ch', { cells: cell(0, 2, '3<4'), removed: new Set([1]), added: [['9', 'N', '', '["p","q"]']] }),
    );
    expect(text(next)).toBe(
      XML.replace('<f/>', '<f>3&lt;4</f>').replace(
        '<ch id="2"><nm>B &amp; b</nm><f>2</f><m>y</m><m>z</m></ch>',
        '<ch id="9"><nm>N</nm><f/><m>p</m><m>q</m></ch>',
      ),
    );
  });

  it('loses all rows and takes others', async () => {
    const file = await openTables(bytes(XML));
    const next = await file.write(
      edit('/radio/chs/ch', { removed: new Set([0, 1]), added: [['7', 'N', '5', '["z"]']] }),
    );
    expect((await openTables(next)).tables[0]!.rows.map(({ cells }) => cells)).toEqual([['7', 'N', '5', 'z']]);
  });
});

describe('JSON', () => {
  const given =
    '{"v": 1,\n "chs": [\n  {"id":1,"nm":"A","f":null,"m":["a"]},\n  {"id":2,"nm":"B","f":4.50,"m":["a", "b"]}\n ]}';

  it('keeps the digits of numbers, and what is no list of objects', async () => {
    const file = await openTables(bytes(given));
    expect(file.tables).toMatchObject([
      { part: '/chs', rows: [{ line: 3 }, { line: 4, cells: ['2', 'B', '4.50', '["a","b"]'] }] },
    ]);
    const next = text(
      await file.write(edit('/chs', { cells: cell(0, 2, '433.5'), added: [['3', '=C', '', '["b"]']] })),
    );
    expect(next.startsWith(given.slice(0, 20))).toBe(true);
    expect((JSON.parse(next) as { chs: unknown[] }).chs).toEqual([
      { id: 1, nm: 'A', f: 433.5, m: ['a'] },
      { id: 2, nm: 'B', f: 4.5, m: ['a', 'b'] },
      { id: 3, nm: '=C', f: null, m: ['b'] },
    ]);
  });
});

describe('spreadsheets', () => {
  it('are read sheet by sheet, and written with numbers as numbers and texts never as formulas', async () => {
    const book = new Excel.Workbook();
    const sheet = book.addWorksheet('Channels');
    sheet.addRow(['Nr', 'Name', 'MHz']);
    sheet.addRow([1, 'A', 439.125]);
    sheet.addRow([2, 'B', 438.5]);
    const given = new Uint8Array(await book.xlsx.writeBuffer());
    const file = await openTables(given);
    expect(file.tables).toMatchObject([
      {
        part: 'Channels',
        header: ['Nr', 'Name', 'MHz'],
        rows: [{ line: 2, cells: ['1', 'A', '439.125'] }, { line: 3 }],
      },
    ]);
    expect(await file.write(new Map())).toEqual(given);
    const next = await file.write(
      edit('Channels', { cells: cell(0, 1, '=1+1'), removed: new Set([1]), added: [['3', 'C', '433.1']] }),
    );
    const again = new Excel.Workbook();
    await again.xlsx.load(next.slice().buffer);
    expect(again.getWorksheet('Channels')!.getRow(2).getCell(2).value).toBe('=1+1');
    expect(again.getWorksheet('Channels')!.getRow(3).values).toEqual([undefined, 3, 'C', 433.1]);
  });
});

describe('files that are refused', () => {
  const wide = `a${',a'.repeat(1_000_000)}\n`;
  it.each<[string, () => Uint8Array, RegExp]>([
    ['a million columns', () => bytes(wide), /Line 1: found 1,000,001 columns, expected at most 300/],
    [
      'bytes that are no text',
      () => Uint8Array.from({ length: 500 }, (_, at) => (at * 7) % 9),
      /bytes that are no text/,
    ],
    ['nothing', () => new Uint8Array(), /found nothing, expected a table/],
    ['broken JSON', () => bytes('{"a": [1,\n}'), /Line 2.*JSON/],
    ['broken XML', () => bytes('<a>\n<b></a>'), /Line 2.*XML/],
    ['a cell without end', () => bytes(`a,b\n1,"${'x'.repeat(30_000)}"\n`), /a cell of 30,000 characters/],
  ])('%s', async (_, make, why) => {
    await expect((async () => openTables(make()))()).rejects.toThrow(why);
  });

  it('an archive that would unpack to far more than it holds', () => {
    const bomb = zipSync({ 'a.csv': new Uint8Array(50_000_000) });
    expect(() => unpacked([{ name: 'bomb.zip', bytes: bomb }])).toThrow(/50,000,000 bytes packed into/);
  });

  it('a broken archive', () => {
    const broken = zipSync({ 'a.csv': bytes('a,b\n1,2\n') }).subarray(0, 40);
    expect(() => unpacked([{ name: 'broken.zip', bytes: broken }])).toThrow(/a whole zip file/);
  });

  it('but not an archive of files, without what systems add', () => {
    const whole = zipSync({ 'kit/a.csv': bytes('a,b\n'), '__MACOSX/a.csv': bytes('x'), 'kit/.hidden': bytes('x') });
    expect(unpacked([{ name: 'kit.zip', bytes: whole }]).map(({ name }) => name)).toEqual(['kit/a.csv']);
  });
});
