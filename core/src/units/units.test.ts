import { createRequire } from 'node:module';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import vectors from '../../vectors/mcc.json';
import { classifyAddress, countryOfId, formatId, formatLogin, isStationId } from '../modes/dmr/addresses';
import { amateurBandOf, nearestClearHz, satelliteSegmentOf } from './bands';
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

  it.each(['001', '289', '901', '800', '000', ''])('%s is nobody’s', (code) => expect(countryOf(code)).toBeNull());
});

describe('bands', () => {
  it.each([
    // ITU Radio Regulations, Article 5, and No. 5.282 for the satellite segment.
    ['itu-1', 439_125_000, '70 cm'],
    ['itu-1', 147_000_000, null],
    ['itu-2', 147_000_000, '2 m'],
    ['itu-1', 440_000_000, null],
    ['itu-1', 430_006_250, '70 cm'],
    ['itu-1', 430_000_000, null],
  ] as const)('%s %d is in %s', (region, hz, band) =>
    expect(amateurBandOf(hz, WIDTH, region)?.name ?? null).toBe(band),
  );

  it.each([
    [435_500_000, true],
    [434_993_750, false],
    [434_993_751, true],
    [438_006_250, false],
    [145_900_000, true],
    [145_793_750, false],
  ])('%d Hz in a satellite segment: %s', (hz, is) => expect(satelliteSegmentOf(hz, WIDTH) !== null).toBe(is));

  it('offers the nearest clear frequency, as brute force finds it', () => {
    const clear = (hz: number, taken: number[]) =>
      amateurBandOf(hz, WIDTH, 'itu-1') &&
      !satelliteSegmentOf(hz, WIDTH) &&
      taken.every((other) => Math.abs(other - hz) >= WIDTH);
    fc.assert(
      fc.property(
        fc.integer({ min: 429_000_000, max: 441_000_000 }),
        fc.array(
          fc.integer({ min: 34_400, max: 35_200 }).map((n) => n * WIDTH),
          { maxLength: 5 },
        ),
        (hz, taken) => {
          let best = Infinity;
          for (let n = 34_300; n <= 35_300; n += 1)
            if (clear(n * WIDTH, taken)) best = Math.min(best, Math.abs(n * WIDTH - hz));
          const found = nearestClearHz(hz, WIDTH, 'itu-1', taken)!;
          expect(clear(found, taken)).toBeTruthy();
          expect(Math.abs(found - hz)).toBe(best);
        },
      ),
      { numRuns: 50 },
    );
    expect(nearestClearHz(435_500_000, WIDTH, 'itu-1', [])).toBe(434_987_500);
  });
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
