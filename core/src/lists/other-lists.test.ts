/**
 * Lists as other people keep them: every cell is read, or doubted. Common practice throughout; the lists are invented.
 */
import { describe, expect, it } from 'vitest';
import { describeReadFinding } from '../formats/format';
import { guessColumns, readSites } from '../registries/lists';
import { lettersIn, readCoordinate, readPair } from './coordinates';
import { dayOrderOf, readDate } from './dates';
import { readFrequencyCell, readShift } from './frequencies';
import { plainDashes, readNumber } from './numbers';
import { readRaw } from './raw';

const read = (text: string) => {
  const raw = readRaw(new TextEncoder().encode(text));
  const columns = guessColumns(raw);
  const { sites, rejected, unread } = readSites(raw, columns);
  return {
    fields: columns.map((one) => one.field),
    questions: columns.flatMap((one) => one.question ?? []),
    sites: sites.map((one) => one.site),
    doubts: sites.flatMap((one) => one.doubts.map(describeReadFinding)),
    rejected,
    unread,
  };
};

describe('numbers', () => {
  // U+2010 to U+2015, U+2212, U+00AD, U+207B, U+FE63, U+FF0D; and what the dashes of Mac and DOS code pages become.
  it.each([...'-‐‑‒–—―−\u00ad⁻﹣－ÐÑÄ\u0096\u0097'])('take “%s” for a minus', (dash) =>
    expect([readNumber(`${dash}7.6`), readNumber(`${dash} 7,6`)]).toEqual([-7.6, -7.6]),
  );

  it.each([
    ['439 425 000', 439_425_000],
    ['439.425.000', 439_425_000],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['１４５．６', 145.6],
    ['Ähnlich', null],
    ['7-6', null],
  ])('“%s” is %s', (text, value) => expect(readNumber(text)).toBe(value));

  it('leaves dashes inside words alone but for their kind', () => expect(plainDashes('QO1HSK–B')).toBe('QO1HSK-B'));
});

describe('frequencies', () => {
  it.each([
    ['145.600', 145_600_000, null],
    ['145,600 MHz', 145_600_000, null],
    ['145600', 145_600_000, null],
    ['145600 kHz', 145_600_000, null],
    ['145600000', 145_600_000, null],
    ['1297.5', 1_297_500_000, null],
    ['1.2975 GHz', 1_297_500_000, null],
    // A point that was left out, where only one place leads into a band.
    ['4396125', 439_612_500, null],
    ['1456', 145_600_000, null],
    ['Out: 439.425 MHz (narrow)', 439_425_000, null],
    ['TX 439.425', 439_425_000, null],
    ['439.425/431.825', 439_425_000, { is: 'frequency', hz: 431_825_000 }],
    ['439.425 -7.6', 439_425_000, { is: 'shift', hz: -7_600_000 }],
    ['439.425 (−7.6 MHz)', 439_425_000, { is: 'shift', hz: -7_600_000 }],
    ['145.600-', 145_600_000, { is: 'sign', sign: -1 }],
    ['145.600 +', 145_600_000, { is: 'sign', sign: 1 }],
  ])('“%s”', (text, hz, more) => expect(readFrequencyCell(text, 1e6)).toEqual({ hz, more }));
  it.each(['439.425 431.825 7', '439.425 ch 12 of 40'])('“%s” is read in part, and says so', (text) =>
    expect(readFrequencyCell(text, 1e6)).toMatchObject({ hz: 439_425_000, isPartRead: true }),
  );
  it.each(['', 'none', '0.5', 'ask'])('“%s” is none', (text) => expect(readFrequencyCell(text, 1e6)).toBeNull());

  it.each([
    ['-7.6', { is: 'shift', hz: -7_600_000 }],
    ['−0,6', { is: 'shift', hz: -600_000 }],
    ['-600', { is: 'shift', hz: -600_000 }],
    ['-600 kHz', { is: 'shift', hz: -600_000 }],
    ['+5 MHz', { is: 'shift', hz: 5_000_000 }],
    ['minus 600', { is: 'shift', hz: -600_000 }],
    ['7.6 -', { is: 'shift', hz: -7_600_000 }],
    ['simplex', { is: 'shift', hz: 0 }],
    ['-', { is: 'sign', sign: -1 }],
    ['–', { is: 'sign', sign: -1 }],
    ['+', { is: 'sign', sign: 1 }],
    ['', { is: 'not said' }],
    ['odd', null],
  ])('the shift “%s”', (text, shift) => expect(readShift(text, 1e6)).toEqual(shift));

  it('in units that differ within a column are each read by their own', () => {
    const { sites, doubts } = read(
      'call,output,shift\nQO1AA,145.600 MHz,-0.6\nQO1AB,145625,-600\nQO1AC,439425000,-7.6 MHz\nQO1AD,438.850,-7600 kHz\n',
    );
    expect(doubts).toEqual([]);
    expect(sites.map((one) => [one.txHz, one.rxHz! - one.txHz])).toEqual([
      [145_600_000, -600_000],
      [145_625_000, -600_000],
      [439_425_000, -7_600_000],
      [438_850_000, -7_600_000],
    ]);
  });
});

describe('frequencies of a row', () => {
  it('may stand in one cell, and the input as a shift', () => {
    const { sites, doubts } = read(
      'call,output,input\nQO1AA,439.425,-7.6\nQO1AB,145.600,−0.6 MHz\nQO1AC,438.950,431.350\n',
    );
    expect(doubts).toEqual([]);
    expect(sites.map((one) => one.rxHz! - one.txHz)).toEqual([-7_600_000, -600_000, -7_600_000]);
  });

  it('of which a part could not be read are doubted', () => {
    const { sites, doubts } = read('call,output\nQO1AA,439.425 431.825 7\nQO1AB,145.600\n');
    expect(sites.map((one) => one.txHz)).toEqual([439_425_000, 145_600_000]);
    expect(doubts).toEqual([
      'Line 2, output: found “439.425 431.825 7”, expected a frequency, alone or with a second one or a shift.',
    ]);
  });
});

describe('lines above the table', () => {
  it('are its title, and do not hide its headings', () => {
    const { sites, fields } = read(
      'Repeaters of the Ostrey Isles\nas of 2026-10-01\n\ncall,output,shift\nQO1AA,439.425,-7.6\n',
    );
    expect(fields).toEqual(['callSign', 'output', 'shift']);
    expect(sites).toHaveLength(1);
  });
});

describe('which of two frequencies the site sends on', () => {
  const list = (heading: string, rows: string) => read(`call,${heading}\n${rows}`);

  it('is what the heading says, whatever the shift', () => {
    const { sites, questions } = list('input,output', 'QO1AA,146.2,145.6\nQO1AB,146.225,145.625\n');
    expect(questions).toEqual([]);
    expect([sites[0]!.txHz, sites[0]!.rxHz]).toEqual([145_600_000, 146_200_000]);
  });

  it('is judged by the usual shifts where TX and RX may be the radio’s', () => {
    // The radio’s view: it transmits 7.6 and 0.6 MHz below what it hears.
    const { sites, questions } = list('rx,tx', 'QO1AA,439.425,431.825\nQO1AB,145.6,145.0\nQO1AC,438.95,431.35\n');
    expect(questions).toEqual([]);
    expect(sites.map((one) => one.rxHz! - one.txHz)).toEqual([-7_600_000, -600_000, -7_600_000]);
    const site = list('tx,rx', 'QO1AA,439.425,431.825\nQO1AB,145.6,145.0\nQO1AC,438.95,431.35\n');
    expect(site.sites.map((one) => one.txHz)).toEqual([439_425_000, 145_600_000, 438_950_000]);
  });

  it('also says of whom the tones are; without it the columns ask', () => {
    const tones = (heading: string, row: string) => {
      const { sites, questions } = list(heading, `${row}\n`);
      return [sites[0]!.tone, sites[0]!.toneOut, questions.length];
    };
    // A radio’s view: it sends 88.5 to open the site.
    expect(tones('rx,tx,rx tone,tx tone', 'QO1AA,439.425,431.825,100.0,88.5')).toEqual(['88.5', '100.0', 0]);
    expect(tones('tx,rx,tx tone,rx tone', 'QO1AA,439.425,431.825,100.0,88.5')).toEqual(['88.5', '100.0', 0]);
    expect(tones('output,tx tone,rx tone', 'QO1AA,439.425,100.0,88.5')[2]).toBe(2);
    expect(tones('output,encode,decode', 'QO1AA,439.425,88.5,100.0')).toEqual(['88.5', '100.0', 0]);
  });

  it('is asked where nothing tells', () => {
    const { questions } = list('frequency 1,frequency 2', 'QO1AA,442.1,447.1\nQO1AB,449.2,444.2\n');
    expect(questions).toHaveLength(2);
    expect(questions[0]).toContain('Which of the two frequencies does the site send on?');
  });
});

describe('coordinates', () => {
  it.each([
    ['46.7132', 'lat', '', 46.7132],
    ['46°42.8′N', 'lat', '', 46 + 42.8 / 60],
    ['N 46° 42\' 48"', 'lat', '', 46.7133333],
    ['46 42 48 S', 'lat', '', -46.7133333],
    ['46-42-48 N', 'lat', '', 46.7133333],
    ['46d 42m 48s N', 'lat', '', 46.7133333],
    ['46 deg 42 min Nord', 'lat', '', 46.7],
    ['46,7132 Süd', 'lat', '', -46.7132],
    ['46 42.768', 'lat', '', 46.7128],
    ['-33 25.11', 'lon', '', -33.4185],
    ['464248N', 'lat', '', 46.7133333],
    ['4642.80N', 'lat', '', 46 + 42.8 / 60],
    ['03325.11W', 'lon', '', -(33 + 25.11 / 60)],
    ['33.4185 Ouest', 'lon', '', -33.4185],
    ['33.4185 oeste', 'lon', '', -33.4185],
    ['33.4185 Øst', 'lon', '', 33.4185],
    ['33.4185 W', 'lon', '', -33.4185],
    // A letter that means two things is decided by what else stands in the column.
    ['33.4 O', 'lon', 'OW', 33.4],
    ['33.4 O', 'lon', 'EO', -33.4],
    ['33.4 O', 'lon', 'O', 'ambiguous'],
    ['33.4 V', 'lon', 'VØ', -33.4],
    ['33.4 V', 'lon', 'VZ', 33.4],
    ['33.4 V', 'lon', 'V', 'ambiguous'],
    ['33.4 L', 'lon', 'L', 'ambiguous'],
    ['46.7 Z', 'lat', 'NZ', -46.7],
    ['46.7 S', 'lat', 'JS', 46.7],
    ['91', 'lat', '', null],
    ['46 61 N', 'lat', '', null],
    ['181', 'lon', '', null],
    ['north', 'lat', '', null],
    ['-46.7 N', 'lat', '', null],
  ] as const)('“%s” as %s beside “%s”', (text, axis, letters, value) => {
    const found = readCoordinate(text, axis, letters);
    if (typeof value === 'number') expect(found).toBeCloseTo(value, 5);
    else expect(found).toBe(value);
  });

  it('take the letters of a column, not of its units', () =>
    expect(lettersIn(["46°42'N", '46 deg 42 min N', '46d42m S'])).toBe('NS'));

  it.each([
    ['46.7132, -33.4185', 46.7132, -33.4185],
    ['46.7132 -33.4185', 46.7132, -33.4185],
    ['46 33', null, null],
    ['N46.7132 W33.4185', 46.7132, -33.4185],
    ['33.4185 W / 46.7132 N', 46.7132, -33.4185],
    ['(46.7132; -33.4185)', 46.7132, -33.4185],
    ['POINT(-33.4185 46.7132)', 46.7132, -33.4185],
    ['geo:46.7132,-33.4185', 46.7132, -33.4185],
    ['N 46° 42.6′ W 33° 25.2′', 46 + 42.6 / 60, -(33 + 25.2 / 60)],
    ['W33.4185 N46.7132', 46.7132, -33.4185],
  ])('the pair “%s”', (text, lat, lon) => expect(readPair(text)).toEqual(lat === null ? null : { lat, lon }));

  it('are found under any heading', () => {
    const rows = 'QO1AA,145.6,46.7132,-33.4185\nQO1AB,145.7,46.8132,-33.3185\n';
    for (const heading of ['call,output,Breite,Länge', 'call,output,one,two', 'call,output,Y,X'])
      expect(read(`${heading}\n${rows}`).sites[0], heading).toMatchObject({ lat: 46.7132, lon: -33.4185 });
    expect(read('call,output,where\nQO1AA,145.6,"46.7132, -33.4185"\n').sites[0]).toMatchObject({ lat: 46.7132 });
    expect(read('call,output,a,b\nQO1AA,145.6,W 133.4185,N 46.7132\n').sites[0]).toMatchObject({
      lat: 46.7132,
      lon: -133.4185,
    });
  });

  it('with a letter that nothing decides are doubted', () => {
    const { sites, doubts } = read('call,output,lat,lon\nQO1AA,145.6,46.7 N,33.4 O\nQO1AB,145.7,46.8 N,33.5 O\n');
    expect(sites.map((one) => one.lat)).toEqual([null, null]);
    expect(doubts[0]).toBe(
      'Line 2, lon: found “33.4 O”, expected degrees from −180 to 180 with N, S, E or W: this letter means two things.',
    );
  });
});

describe('dates', () => {
  it.each([
    ['2026-09-30', null, '2026-09-30'],
    ['2026–09–30', null, '2026-09-30'],
    ['20260930', null, '2026-09-30'],
    ['Sept 30th, 2026', null, '2026-09-30'],
    ['Wednesday, 30th September 2026', null, '2026-09-30'],
    ['09/2026', null, null],
    ['30.9.2026', null, '2026-09-30'],
    ['30 Sep 2026', null, '2026-09-30'],
    ['30/09/2026', null, '2026-09-30'],
    ['09/30/2026', null, '2026-09-30'],
    ['05/05/2026', null, '2026-05-05'],
    ['05/06/2026', null, null],
    ['05/06/2026', 'day first', '2026-06-05'],
    ['05/06/2026', 'month first', '2026-05-06'],
    ['2026-02-29', null, null],
    ['2024-02-29', null, '2024-02-29'],
    ['31.4.2026', null, null],
    ['2026-13-01', null, null],
    ['soon', null, null],
  ] as const)('“%s” (%s) is %s', (text, order, date) => expect(readDate(text, order)).toBe(date));

  it('between slashes are read as other rows show', () => {
    expect([dayOrderOf(['05/06/2026', '30/06/2026']), dayOrderOf(['05/06/2026'])]).toEqual(['day first', null]);
    const { sites } = read('call,output,updated\nQO1AA,145.6,05/06/2026\nQO1AB,145.7,30/06/2026\n');
    expect(sites[0]!.confirmedOn).toBe('2026-06-05');
  });

  it('that the calendar does not have are doubted, and not shown as said', () => {
    const { sites, doubts } = read('call,output,updated\nQO1AA,145.6,2026-02-30\nQO1AB,145.7,2026-02-20\n');
    expect(sites[0]!.confirmedOn).toBeNull();
    expect(doubts).toEqual([
      'Line 2, updated: found “2026-02-30”, expected a date of the calendar, such as 2026-09-30.',
    ]);
  });
});

describe('words beside numbers', () => {
  it('are read past, in every column', () => {
    const { sites, doubts } = read(
      'call,output,tone,color code,TS1,TS2\nQO1AA,439.425 MHz,PL 88.5 Hz,CC 3,TS1: 417 588,TS2: 591d\n',
    );
    expect(doubts).toEqual([]);
    expect(sites[0]).toMatchObject({
      tone: '88.5',
      colorCode: 3,
      groups: [
        { slot: 1, number: 417, static: true },
        { slot: 1, number: 588, static: true },
        { slot: 2, number: 591, static: false },
      ],
    });
  });

  it('say the slot where one column has all groups; without them it is not known', () => {
    const of = (cell: string) => read(`call,output,talk groups\nQO1AA,439.425,"${cell}"\n`).sites[0]!.groups;
    expect(of('TS1: 417, 588; TS2: 591')).toEqual([
      { slot: 1, number: 417, static: true },
      { slot: 1, number: 588, static: true },
      { slot: 2, number: 591, static: true },
    ]);
    expect(of('417, 588')).toEqual([417, 588].map((number) => ({ slot: null, number, static: true })));
    expect(of('417 static, 591 on demand, 588 (dyn)').map((one) => one.static)).toEqual([true, false, false]);
  });

  it('say the slot behind a number as well as before it', () => {
    const of = (cell: string) =>
      read(`call,output,talk groups\nQO1AA,439.425,"${cell}"\n`).sites[0]!.groups.map(({ slot, number }) => [
        number,
        slot,
      ]);
    const both = [
      [417, 1],
      [591, 2],
    ];
    for (const cell of [
      'Merrin 417 (TS1), Wide 591 (TS2)',
      '417 (TS1), 591 (TS2)',
      '417@1; 591@2',
      '417/TS1 591/TS2',
      '1:417 / 2:591',
      'Slot 1 417 Slot 2 591',
    ])
      expect(of(cell), cell).toEqual(both);
  });

  it('doubt prose in a column of groups, which may hold numbers that are none', () =>
    expect(
      read('call,output,talk groups\nQO1AA,439.425,417\nQO1AB,438.95,since 2019 with 91\nQO1AC,438.875,Merrin 417\n')
        .doubts,
    ).toEqual(['Line 3, talk groups: found “since 2019 with 91”, expected numbers of talk groups.']));

  it.each(['293', '$293', '0x293', 'NAC: 293', '293h'])('read the network access code “%s”', (nac) =>
    expect(read(`call,output,mode,nac\nQO1AA,439.425,P25,${nac}\n`)).toMatchObject({
      doubts: [],
      sites: [{ nac: '293' }],
    }),
  );

  it.each([
    ['12.5 kHz', 12_500],
    ['12K5', 12_500],
    ['11K0F3E', 12_500],
    ['16K0F3E', 25_000],
    ['25', 25_000],
    ['narrow', 12_500],
  ])('read the width “%s”', (width, hz) =>
    expect(read(`call,output,mode,width\nQO1AA,145.6,FM,${width}\n`)).toMatchObject({
      doubts: [],
      sites: [{ widthHz: hz }],
    }),
  );

  it('and words that name something else beside the modes are doubted', () => {
    const { sites, doubts } = read(
      'call,output,mode\nQO1AA,439.425,DMR Tier 2 and FM\nQO1AB,438.950,"DMR, smoke signals"\nQO1AC,438.875,FM\n',
    );
    expect(sites.map((one) => one.modes)).toEqual([['FM', 'DMR'], ['DMR'], ['FM']]);
    expect(doubts.map((one) => one.replace(/, expected.*/, ''))).toEqual(['Line 3, mode: found “DMR, smoke signals”']);
  });

  it('keep the sense of a digital code, and both tones of a cell', () => {
    const of = (cell: string) => {
      const { tone, toneOut } = read(`call,output,tone\nQO1AA,145.6,${cell}\nQO1AB,145.7,88.5\n`).sites[0]!;
      return [tone, toneOut];
    };
    expect(of('D023R')).toEqual(['D023I', null]);
    expect(of('-023')).toEqual(['D023I', null]);
    expect(of('88.5/100.0')).toEqual(['88.5', '100.0']);
    expect(of('none')).toEqual(['none', null]);
    expect(of('keine')).toEqual(['none', null]);
    expect(of('-')).toEqual([null, null]);
  });
});

describe('what a list does not say', () => {
  it('is unknown, not a default', () => {
    const { sites } = read('call,output,dmr\nQO1AA,439.425,yes\n');
    expect(sites[0]).toMatchObject({
      modes: ['DMR'],
      colorCode: null,
      groups: [],
      tone: null,
      toneOut: null,
      widthHz: null,
      module: '',
      nac: null,
      groupId: null,
      status: 'not said',
    });
  });

  it('and what is not read, is told: columns with a title or with values', () => {
    const { unread } = read('call,output,antenna,kept by,\nQO1AA,145.6,collinear,QO3VES,\nQO1AB,145.7,,,odd\n');
    expect(unread).toEqual([
      { title: 'antenna', filled: 1 },
      { title: 'kept by', filled: 1 },
      { title: 'Column 5', filled: 1 },
    ]);
  });

  it.each([
    ['lat,lon', 'north of here,west of here'],
    ['last heard', 'long ago'],
    ['locator', 'the hill'],
    ['status', 'purple'],
    ['color code', 'teal'],
    ['NAC', 'none at all'],
    ['group ID', 'all'],
    ['talk groups', 'the local ones'],
    ['tone', 'loud'],
  ])('a column “%s” is that, even where no cell can be read: “%s”', (heading, cells) => {
    const { doubts, unread } = read(`call,output,${heading}\nQO1AA,439.425,${cells}\n`);
    expect([...doubts.map((one) => one.replace(/:.*/, '')), ...unread.map((one) => one.title)]).toEqual(
      heading.split(',').map((one) => `Line 2, ${one}`),
    );
  });

  it('a cell that cannot be read is doubted, whatever its column', () => {
    const { doubts } = read(
      'call,module,output,mode,dmr,status,nac,group id,width\nQO1AA,BB,145.6,smoke,perhaps,odd,xyz,400,7\nQO1AB,B,145.7,FM,no,on,293,05,12.5\nQO1AC,B,145.8,FM,no,on,293,05,25\nQO1AD,B,145.65,FM,yes,on,293,05,25\nQO1AE,B,145.75,DMR,no,off,293,05,25\n',
    );
    expect(doubts.map((one) => one.replace(/:.*/, ''))).toEqual(
      expect.arrayContaining(
        ['module', 'mode', 'dmr', 'status', 'nac', 'group id', 'width'].map((one) => `Line 2, ${one}`),
      ),
    );
  });
});

describe('call signs', () => {
  it('keep what stands before and behind a stroke; a letter apart is the module', () =>
    expect(
      read('call,output\nQO1AA/R,145.6\nF/QO1AB,145.7\nQO1AC B G,439.4\nQO1AD-C,145.65\n').sites.map((one) => [
        one.callSign,
        one.module,
      ]),
    ).toEqual([
      ['QO1AA/R', ''],
      ['F/QO1AB', ''],
      ['QO1AC', 'B'],
      ['QO1AD', 'C'],
    ]));
});

describe('a row for each mode of a repeater', () => {
  it('is known for one whatever the unit, and wherever the module stands', () => {
    const { sites } = read(
      'call,module,output,mode\nQO1AA,B,439.425,FM\nQO1AA B,,439425 kHz,DMR\nQO1AA-B,,439425000,D-STAR\nQO1AA,B,"439,4250 MHz",C4FM\n',
    );
    expect(sites.map((one) => one.modes)).toEqual([['FM', 'DMR', 'D-STAR', 'C4FM']]);
  });

  it('is one site with all of them; what they say differently is doubted', () => {
    const { sites, doubts } = read(
      'call,output,shift,mode,tone,color code\nQO1AA B,439.425,-7.6,FM,88.5,\nQO1AB,145.6,-0.6,FM,,\nQO1AA-B,439.4250,-7.6,DMR,,3\nQO1AA B,439.425,-9.4,D-STAR,,\n',
    );
    expect(sites.map((one) => [one.callSign, one.modes])).toEqual([
      ['QO1AA', ['FM', 'DMR', 'D-STAR']],
      ['QO1AB', ['FM']],
    ]);
    expect(sites[0]).toMatchObject({ tone: '88.5', colorCode: 3, rxHz: 431_825_000 });
    expect(doubts).toEqual(['Line 5, input: found “430025000”, expected 431825000, as line 2 has it for QO1AA.']);
  });
});

describe('waypoints', () => {
  it('with an empty position are without one, not at 0, 0', () => {
    const { sites } = read(
      '<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="" lon=""><name>QO1HSK</name><cmt>439.4250; -7.6</cmt></wpt><wpt lat="46.7" lon="-33.4"><name>QO1MRN</name><cmt>438.9500; -7.6</cmt></wpt></gpx>',
    );
    expect(sites.map((one) => [one.callSign, one.lat, one.lon])).toEqual([
      ['QO1HSK', null, null],
      ['QO1MRN', 46.7, -33.4],
    ]);
  });
});
