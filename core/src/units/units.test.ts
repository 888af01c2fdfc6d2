import { createRequire } from 'node:module';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import vectors from '../../vectors/mcc.json';
import { classifyAddress, countryOfId, formatId, formatLogin, isStationId } from '../modes/dmr/addresses';
import { amateurBandOf, type Licence, licenceBands, type RegionId } from './bands';
import { addedBehind, baseCallSign, isCallSign, tidyCallSign } from './call-signs';
import { DCS_CODES, inverseOf } from './dcs';
import { fmOccupiedHz } from './emission';
import { keptSegmentOf, satelliteSegmentOf } from './segments';
import { usualShiftsHz } from './shifts';
import { readTone, sameTone } from './tones';
import { assignedCountryCodes, countryOf } from './country-codes';
import { distanceForLevelM, freeSpaceLossDb, receivedLevelDbm, wattsToDbm } from './free-space';
import { formatMHz, formatShiftMHz, parseMHz, parseWhole } from './quantities';

const WIDTH = 12_500;

describe('free-space loss', () => {
  // ITU-R P.525: L = 32.4 + 20 log f + 20 log d for MHz and km; with f = 1 GHz and d = 1 km that is 92.4 dB.
  it('is 92.4 dB at 1 GHz over 1 km', () => expect(freeSpaceLossDb(1e9, 1000)).toBeCloseTo(92.45, 2));

  it.each([
    // Worked from the exact form of P.525, 20 log10(4 π d / λ), with c = 299,792,458 m/s.
    [439_125_000, 3],
    [145_000_000, 100],
    [1_250_000_000, 5000],
  ])('agrees with 20 log10(4πd/λ) at %i Hz over %i m within 0.01 dB', (freqHz, distanceM) => {
    const exact = 20 * Math.log10((4 * Math.PI * distanceM * freqHz) / 299_792_458);
    expect(Math.abs(freeSpaceLossDb(freqHz, distanceM) - exact)).toBeLessThan(0.01);
  });

  it('gives the level and the distance for a level', () => {
    expect(wattsToDbm(1)).toBe(30);
    expect(receivedLevelDbm(5, 439_125_000, 3)).toBeCloseTo(2.15, 1);
    const away = distanceForLevelM(5, 439_125_000, 0);
    expect(receivedLevelDbm(5, 439_125_000, away)).toBeCloseTo(0, 9);
  });
});

describe('DMR addresses', () => {
  // Source: ETSI TS 102 361-1 (24 bits); the bounds of the usable range from memory of its Annex A.
  it.each([
    [0, 'null'],
    [1, 'usable'],
    [16_776_415, 'usable'],
    [16_776_416, 'reserved'],
    [16_777_214, 'reserved'],
    [16_777_215, 'all-call'],
    [16_777_216, 'not 24 bits'],
    [-1, 'not 24 bits'],
    [1.5, 'not 24 bits'],
  ])('%d is %s', (number, kind) => expect(classifyAddress(number)).toBe(kind));

  it.each([
    [9_992_417, true],
    [999_241, false],
    [999_241_703, false],
    [1_000_000, true],
    [10_000_000, false],
  ])('%d as a station’s ID: %s', (id, is) => expect(isStationId(id)).toBe(is));

  it('are written as operators read them', () => {
    expect(formatId(9_992_417)).toBe('999 2417');
    expect(formatLogin(9_992_417, 3)).toBe('999 2417 03');
    expect(countryOfId(2_622_417)).toBe('Germany');
  });
});

describe('country codes', () => {
  it.each(vectors.check_values.map((one) => [one.mcc, one.country]))('%s is %s (ITU-T E.212)', (code, country) =>
    expect(countryOf(code)).toBe(country),
  );

  it('has every code of countries with several', () => {
    expect(
      Object.values(vectors.multi_mcc)
        .flat()
        .filter((code) => countryOf(code) === null),
    ).toEqual([]);
  });

  it('agrees with a registry package’s list, but for the six it lacks and the codes of no country', () => {
    const list = createRequire(import.meta.url)('mcc-mnc-list') as { all: () => { mcc: string }[] };
    const theirs = new Set(list.all().map((one) => one.mcc));
    const lacks = ['225', '332', '406', '430', '431', '461'];
    expect(assignedCountryCodes().filter((code) => !theirs.has(code))).toEqual(lacks);
    const ours = new Set(assignedCountryCodes());
    // Test, shared and private networks, one code in use without assignment (289): no country's.
    expect([...theirs].filter((code) => !ours.has(code) && /^[2-7]/.test(code))).toEqual(['289']);
  });

  // ITU-T E.212.
  it('tells the small countries beside the large ones', () => {
    expect([countryOf('270'), countryOf('206'), countryOf('262')]).toEqual(['Luxembourg', 'Belgium', 'Germany']);
  });

  it.each(['001', '289', '901', '800', '000', ''])('%s is nobody’s', (code) => expect(countryOf(code)).toBeNull());
});

describe('bands', () => {
  const licence = (region: RegionId, edges: Licence['edges'] = {}) => ({ region, edges, kept: null });

  it.each([
    // ITU Radio Regulations, Article 5; 4 m from memory, national in parts of Region 1; 70 cm in Region 2 by country.
    ['itu-1', 29_000_000, '10 m'],
    ['itu-3', 29_700_000, null],
    ['itu-1', 51_000_000, '6 m'],
    ['itu-1', 53_000_000, null],
    ['itu-2', 53_000_000, '6 m'],
    ['itu-3', 53_000_000, '6 m'],
    ['itu-1', 70_300_000, '4 m'],
    ['itu-2', 70_300_000, null],
    ['itu-1', 147_000_000, null],
    ['itu-2', 147_000_000, '2 m'],
    ['itu-2', 223_500_000, '1.25 m'],
    ['itu-2', 221_000_000, null],
    ['itu-1', 439_125_000, '70 cm'],
    ['itu-1', 440_000_000, null],
    ['itu-2', 446_500_000, '70 cm'],
    ['itu-2', 421_000_000, '70 cm'],
    ['itu-3', 421_000_000, null],
    ['itu-1', 430_006_250, '70 cm'],
    ['itu-1', 430_000_000, null],
    ['itu-1', 1_297_000_000, '23 cm'],
    ['itu-1', 2_320_200_000, '13 cm'],
  ] as const)('%s %d is in %s', (region, hz, band) =>
    expect(amateurBandOf(hz, WIDTH, licence(region))?.name ?? null).toBe(band),
  );

  it('follow a licence profile: narrower edges, a band that is not given, one that the region does not have', () => {
    const edges = {
      '2 m': { lowHz: 144_000_000, highHz: 146_000_000 },
      '1.25 m': null,
      '4 m': { lowHz: 70_000_000, highHz: 70_500_000 },
    };
    const own = licence('itu-2', edges);
    expect(amateurBandOf(147_000_000, WIDTH, own)).toBeNull();
    expect(amateurBandOf(223_500_000, WIDTH, own)).toBeNull();
    expect(amateurBandOf(70_300_000, WIDTH, own)?.name).toBe('4 m');
    expect(licenceBands(own).map((band) => band.name)).toEqual([
      '10 m',
      '6 m',
      '4 m',
      '2 m',
      '70 cm',
      '33 cm',
      '23 cm',
      '13 cm',
    ]);
  });

  it.each([
    // ITU Radio Regulations 5.282 and the IARU band plans.
    [29_400_000, true],
    [29_520_000, false],
    [435_500_000, true],
    [434_993_750, false],
    [434_993_751, true],
    [438_006_250, false],
    [145_900_000, true],
    [145_793_750, false],
    [1_265_000_000, true],
    [1_270_006_250, false],
  ])('%d Hz in a satellite segment: %s', (hz, is) => expect(satelliteSegmentOf(hz, WIDTH) !== null).toBe(is));

  it.each([
    // From memory of the IARU band plans.
    ['itu-1', 145_500_000, 'calling'],
    ['itu-1', 145_375_000, 'calling'],
    ['itu-1', 144_300_000, 'weak signals'],
    ['itu-1', 144_800_000, 'position reports'],
    ['itu-1', 433_450_000, 'calling'],
    ['itu-1', 433_500_000, 'calling'],
    ['itu-1', 432_200_000, 'weak signals'],
    ['itu-1', 146_520_000, null],
    ['itu-2', 146_520_000, 'calling'],
    ['itu-2', 446_000_000, 'calling'],
    ['itu-2', 144_390_000, 'position reports'],
    ['itu-2', 145_500_000, null],
    ['itu-1', 145_512_500, null],
  ] as const)('%s %d is kept for %s', (region, hz, kind) =>
    expect(keptSegmentOf(hz, WIDTH, licence(region))?.kind ?? null).toBe(kind),
  );

  it('keep what a station says, in place of its region’s', () => {
    const own = [
      { kind: 'calling' as const, name: 'ours', lowHz: 439_000_000, highHz: 439_012_500, source: 'our band plan' },
    ];
    expect(keptSegmentOf(145_500_000, WIDTH, { ...licence('itu-1'), kept: own })).toBeNull();
    expect(keptSegmentOf(439_006_250, WIDTH, { ...licence('itu-1'), kept: own })?.name).toBe('ours');
  });

  // Carson: 2 × (deviation + 3 kHz), with 5 and 2.5 kHz. Common practice for the deviations.
  it('hold FM by what it takes up, which is less than its spacing', () => {
    expect([fmOccupiedHz(25_000), fmOccupiedHz(12_500)]).toEqual([16_000, 11_000]);
    expect(satelliteSegmentOf(434_990_000, 25_000)).not.toBeNull();
    expect(satelliteSegmentOf(434_990_000, fmOccupiedHz(25_000))).toBeNull();
  });
});

describe('shifts', () => {
  // Common practice: the sets of Regions 1 and 2; nothing is said of a cross-band pair, nor of a band of which nothing is known.
  it.each([
    ['itu-1', 145_600_000, -600_000, true],
    ['itu-1', 438_800_000, -7_600_000, true],
    ['itu-1', 438_800_000, -9_000_000, true],
    ['itu-1', 433_000_000, 1_600_000, true],
    ['itu-1', 434_700_000, -1_600_000, true],
    ['itu-1', 430_400_000, 9_400_000, true],
    ['itu-1', 438_800_000, -7_500_000, false],
    ['itu-2', 442_000_000, 5_000_000, true],
    ['itu-2', 442_000_000, -7_600_000, false],
    ['itu-1', 1_298_000_000, -28_000_000, true],
    ['itu-1', 1_270_000_000, 20_000_000, false],
  ] as const)('%s %d %d is usual: %s', (region, hz, shift, is) =>
    expect(usualShiftsHz(hz, hz + shift, region)?.includes(shift)).toBe(is),
  );

  it('of two bands, and of bands of which nothing is known, are nobody’s fault', () => {
    expect(usualShiftsHz(438_800_000, 145_300_000, 'itu-1')).toBeNull();
    expect(usualShiftsHz(51_800_000, 51_200_000, 'itu-1')).toBeNull();
    expect(usualShiftsHz(438_800_000, 431_200_000, 'itu-3')).toBeNull();
  });
});

describe('tones', () => {
  it.each([
    ['110.9', '110.9'],
    ['107,2 Hz', '107.2'],
    ['CTCSS 100.0', '100.0'],
    ['PL 88.5', '88.5'],
    ['T 88.5', '88.5'],
    ['100', '100.0'],
    ['885', '88.5'],
    ['1109', '110.9'],
    ['162.2', '162.2'],
    ['1750', '1750'],
    ['1750 Hz', '1750'],
    ['D023', 'D023N'],
    ['D023N', 'D023N'],
    ['D023I', 'D023I'],
    ['D023R', 'D023I'],
    ['023I', 'D023I'],
    ['R023', 'D023I'],
    ['I023', 'D023I'],
    ['-023', 'D023I'],
    ['−023', 'D023I'],
    ['D-023', 'D023I'],
    ['DCS 754', 'D754N'],
    ['DCS 023 inverted', 'D023I'],
    ['DPL 023', 'D023N'],
    ['none', 'none'],
    ['off', 'none'],
    ['0', 'none'],
    ['', null],
    ['-', null],
    ['–', null],
    ['?', null],
    ['110.0', undefined],
    ['D999', undefined],
    ['loud', undefined],
    // Could be DCS 162, or 162.2 Hz without its end.
    ['162', undefined],
  ])('“%s” is %s', (text, tone) => expect(readTone(text)).toBe(tone));

  // Computed from the (23,12) Golay code; the pairs 023/047 and 025/244 are published in many tables (from memory).
  it('have 52 pairs of digital codes that are each other’s inverse', () => {
    expect([inverseOf('023'), inverseOf('047'), inverseOf('025')]).toEqual(['047', '023', '244']);
    expect(DCS_CODES).toHaveLength(104);
    expect(DCS_CODES.filter((code) => inverseOf(inverseOf(code)!) === code && inverseOf(code) !== code)).toHaveLength(
      104,
    );
  });

  it('are compared by what is on the air', () => {
    expect(sameTone('D023I', 'D047N')).toBe(true);
    expect(sameTone('D023N', 'D047I')).toBe(true);
    expect(sameTone('D023I', 'D023N')).toBe(false);
    expect(sameTone('110.9', '110.9')).toBe(true);
    expect(sameTone(null, 'D023N')).toBe(false);
    for (const code of DCS_CODES)
      for (const other of DCS_CODES)
        expect(sameTone(`D${code}I`, `D${other}N`), `${code} ${other}`).toBe(inverseOf(code) === other);
  });
});

describe('call signs', () => {
  it.each([
    ['QO3VES', true, 'QO3VES', ''],
    ['QO3VES/P', true, 'QO3VES', 'P'],
    ['F/QO3VES', true, 'QO3VES', ''],
    ['F/QO3VES/P', true, 'QO3VES', 'P'],
    ['VES', false, 'VES', ''],
    ['QO3 VES', false, 'QO3 VES', ''],
    ['QO3VES/', false, 'QO3VES', ''],
  ])('%s is one: %s', (text, is, base, behind) => {
    expect(isCallSign(text)).toBe(is);
    expect([baseCallSign(text), addedBehind(text)]).toEqual([base, behind]);
  });

  it.each([
    ['qo3ves', 'QO3VES'],
    ['qo3 ves', 'QO3VES'],
    ['QO3VES P', 'QO3VES/P'],
    ['qo3ves-p', 'QO3VES/P'],
    ['f/qo3ves', 'F/QO3VES'],
    ['VES', null],
  ])('%s is tidied to %s, nothing glued to it', (text, tidy) => expect(tidyCallSign(text)).toBe(tidy));
});

describe('quantities', () => {
  it.each([
    ['439.125', 439_125_000],
    ['439,125', 439_125_000],
    ['439.125 MHz', 439_125_000],
    ['439125 kHz', 439_125_000],
    ['439125000 Hz', 439_125_000],
    ['-7.6', -7_600_000],
    ['−0.6', -600_000],
    ['0', 0],
    ['.5', 500_000],
    ['', null],
    ['abc', null],
    ['1.2.3', null],
    ['435 5', null],
  ])('%j is %j Hz', (text, hz) => expect(parseMHz(text)).toBe(hz));

  it('come back as they were written, to the hertz', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6_000_000_000 }), (hz) => void expect(parseMHz(formatMHz(hz))).toBe(hz)),
    );
    fc.assert(
      fc.property(
        fc.integer({ min: -50_000_000, max: 50_000_000 }),
        (hz) => void expect(parseMHz(formatShiftMHz(hz))).toBe(hz === 0 ? 0 : hz),
      ),
    );
  });

  it.each([
    [439_125_000, '439.1250'],
    [439_006_250, '439.00625'],
    [1, '0.000001'],
    [435_000_000, '435.0000'],
  ])('%i Hz is written %s', (hz, text) => expect(formatMHz(hz)).toBe(text));
  it.each([
    ['999 2417', 9_992_417],
    ['12', 12],
    ['1.5', null],
    ['-1', null],
    ['', null],
    ['1234567890', null],
  ])('%j as a whole number: %j', (text, value) => expect(parseWhole(text)).toBe(value));
});
