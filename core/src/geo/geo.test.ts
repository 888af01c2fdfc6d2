import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compassPoint, legBetween } from './geodesic';
import { locatorArea, locatorCentre, toLocator } from './locator';
import { nearestIndex } from './nearest';

const vectors = <T>(name: string) => JSON.parse(readFileSync(new URL(`../../vectors/${name}.json`, import.meta.url), 'utf8')) as T;
interface Line { name: string; lat1: number; lon1: number; lat2: number; lon2: number; wgs84: { distance_m: number; azimuth1_deg: number }; azimuth_ambiguous: boolean }
interface Encoded { name: string; lat: number; lon: number; loc4: string; loc6: string; loc8: string }
interface Decoded { locator: string; south: number; west: number; north: number; east: number; center_lat: number; center_lon: number }

describe('distance and bearing', () => {
  // Reference: the package's own cases and Debian's GeodSolve (exact elliptic integrals); see the source in the file.
  it.each(vectors<{ vectors: Line[] }>('geodesic').vectors)('$name', ({ lat1, lon1, lat2, lon2, wgs84, azimuth_ambiguous }) => {
    const { distanceM, bearingDeg } = legBetween({ lat: lat1, lon: lon1 }, { lat: lat2, lon: lon2 });
    expect(Math.abs(distanceM - wgs84.distance_m)).toBeLessThan(1);
    if (azimuth_ambiguous) return;
    const apart = Math.abs(bearingDeg - ((wgs84.azimuth1_deg + 360) % 360));
    expect(Math.min(apart, 360 - apart)).toBeLessThan(0.001);
  });

  it.each([[0, 'N'], [11, 'N'], [12, 'NNE'], [90, 'E'], [225, 'SW'], [348, 'NNW'], [349, 'N'], [359.99, 'N']])('%d° is %s', (bearing, point) => expect(compassPoint(bearing)).toBe(point));
});

describe('locators', () => {
  const { encode, decode, invalid } = vectors<{ encode: Encoded[]; decode: Decoded[]; invalid: string[] }>('maidenhead');

  // Reference: exact rational arithmetic from the IARU definition; see the source in the file.
  it.each(encode)('$name is $loc8', ({ lat, lon, loc4, loc6, loc8 }) => {
    expect([toLocator({ lat, lon }, 4), toLocator({ lat, lon }), toLocator({ lat, lon }, 8)]).toEqual([loc4, loc6, loc8]);
  });

  it.each(decode)('$locator is an area', ({ locator, south, west, north, east, center_lat, center_lon }) => {
    const area = locatorArea(locator)!;
    for (const [has, expected] of [[area.south, south], [area.west, west], [area.north, north], [area.east, east]] as const) expect(has).toBeCloseTo(expected, 9);
    expect(locatorCentre(locator)!.lat).toBeCloseTo(center_lat, 9);
    expect(locatorCentre(locator)!.lon).toBeCloseTo(center_lon, 9);
  });

  it.each(invalid)('“%s” is none', (text) => expect(locatorArea(text)).toBeNull());

  it('hold the position they were made of', () => {
    fc.assert(
      fc.property(fc.double({ min: -89.9, max: 89.9, noNaN: true }), fc.double({ min: -179.9, max: 179.9, noNaN: true }), fc.constantFrom(4 as const, 6 as const, 8 as const), (lat, lon, length) => {
        const { south, north, west, east } = locatorArea(toLocator({ lat, lon }, length))!;
        const slack = 1e-9;
        expect(lat >= south - slack && lat <= north + slack && lon >= west - slack && lon <= east + slack).toBe(true);
      }),
    );
  });
});

describe('the nearest', () => {
  const position = fc.record({ lat: fc.double({ min: -89, max: 89, noNaN: true }), lon: fc.double({ min: -180, max: 180, noNaN: true }) });

  it('are those that looking at all of them finds, also over the date line and near the poles', () => {
    fc.assert(
      fc.property(fc.array(position, { minLength: 1, maxLength: 60 }), position, fc.integer({ min: 1, max: 8 }), (positions, from, limit) => {
        const found = nearestIndex(positions).nearest(from, limit);
        const all = positions.map((one) => legBetween(from, one).distanceM).sort((a, b) => a - b);
        expect(found.map((one) => one.distanceM)).toEqual(all.slice(0, limit));
      }),
      { numRuns: 60 },
    );
  });

  it('keep to what is asked for, and to a distance', () => {
    const positions = Array.from({ length: 20 }, (_, at) => ({ lat: 46.7, lon: -33.4 + at * 0.01 }));
    const index = nearestIndex(positions);
    expect(index.nearest(positions[0]!, 3, (at) => at % 2 === 1).map((one) => one.at)).toEqual([1, 3, 5]);
    expect(index.nearest(positions[0]!, 20, undefined, 2000).map((one) => one.at)).toEqual([0, 1, 2]);
    expect(nearestIndex([]).nearest({ lat: 0, lon: 0 }, 5)).toEqual([]);
  });
});
