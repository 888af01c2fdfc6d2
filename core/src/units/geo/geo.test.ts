import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Position } from './position';
import { compassPoint, legBetween, pointAlong } from './geodesic';
import { locatorArea, locatorCentre, toLocator } from './locator';
import { nearestIndex } from './nearest';

const vectors = <T>(name: string) =>
  JSON.parse(readFileSync(new URL(`../../../vectors/${name}.json`, import.meta.url), 'utf8')) as T;
interface Line {
  name: string;
  lat1: number;
  lon1: number;
  lat2: number;
  lon2: number;
  wgs84: { distance_m: number; azimuth1_deg: number };
  azimuth_ambiguous: boolean;
}
interface Encoded {
  name: string;
  lat: number;
  lon: number;
  loc4: string;
  loc6: string;
  loc8: string;
}
interface Decoded {
  locator: string;
  south: number;
  west: number;
  north: number;
  east: number;
  center_lat: number;
  center_lon: number;
}

describe('distance and bearing', () => {
  // Common practice: two decimals of latitude are about 1.11 km, three about 111 m (WGS 84: 110.6 to 111.7 km a
  // degree).
  it('says what a decimal of latitude is worth', () => {
    const north = (step: number) =>
      legBetween({ lat: 46.71, lon: -33.42 }, { lat: 46.71 + step, lon: -33.42 }).distanceM;
    expect(north(0.01) / 1000).toBeCloseTo(1.11, 2);
    expect(Math.round(north(0.001))).toBe(111);
  });

  // Reference: the package's own cases and Debian's GeodSolve (exact elliptic integrals); see the source in the file.
  it.each(vectors<{ vectors: Line[] }>('geodesic').vectors)(
    '$name',
    ({ lat1, lon1, lat2, lon2, wgs84, azimuth_ambiguous }) => {
      const { distanceM, bearingDeg } = legBetween({ lat: lat1, lon: lon1 }, { lat: lat2, lon: lon2 });
      expect(Math.abs(distanceM - wgs84.distance_m)).toBeLessThan(1);
      if (azimuth_ambiguous) return;
      const apart = Math.abs(bearingDeg - ((wgs84.azimuth1_deg + 360) % 360));
      expect(Math.min(apart, 360 - apart)).toBeLessThan(0.001);
    },
  );

  it.each([
    [0, 'N'],
    [11, 'N'],
    [12, 'NNE'],
    [90, 'E'],
    [225, 'SW'],
    [348, 'NNW'],
    [349, 'N'],
    [359.99, 'N'],
  ])('%d° is %s', (bearing, point) => expect(compassPoint(bearing)).toBe(point));
});

describe('locators', () => {
  const { encode, decode, invalid } = vectors<{ encode: Encoded[]; decode: Decoded[]; invalid: string[] }>(
    'maidenhead',
  );

  // Reference: exact rational arithmetic from the IARU definition; see the source in the file.
  it.each(encode)('$name is $loc8', ({ lat, lon, loc4, loc6, loc8 }) => {
    expect([toLocator({ lat, lon }, 4), toLocator({ lat, lon }), toLocator({ lat, lon }, 8)]).toEqual([
      loc4,
      loc6,
      loc8,
    ]);
  });

  it.each(decode)('$locator is an area', ({ locator, south, west, north, east, center_lat, center_lon }) => {
    const area = locatorArea(locator)!;
    for (const [has, expected] of [
      [area.south, south],
      [area.west, west],
      [area.north, north],
      [area.east, east],
    ] as const)
      expect(has).toBeCloseTo(expected, 9);
    expect(locatorCentre(locator)!.lat).toBeCloseTo(center_lat, 9);
    expect(locatorCentre(locator)!.lon).toBeCloseTo(center_lon, 9);
  });

  it.each(invalid)('“%s” is none', (text) => expect(locatorArea(text)).toBeNull());

  it('of a position on an edge is the cell that begins there: every edge of every extended square', () => {
    const wrong: string[] = [];
    for (let x = 0; x < 43_200; x += 1) {
      const position = { lat: (x - 21_600) / 240, lon: (x - 21_600) / 120 };
      const { south, west } = locatorArea(toLocator(position, 8))!;
      if (south !== position.lat || west !== position.lon) wrong.push(toLocator(position, 8));
    }
    expect(wrong).toEqual([]);
  });

  it('hold the position they were made of', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -89.9, max: 89.9, noNaN: true }),
        fc.double({ min: -179.9, max: 179.9, noNaN: true }),
        fc.constantFrom(4 as const, 6 as const, 8 as const),
        (lat, lon, length) => {
          const { south, north, west, east } = locatorArea(toLocator({ lat, lon }, length))!;
          const slack = 1e-9;
          expect(lat >= south - slack && lat <= north + slack && lon >= west - slack && lon <= east + slack).toBe(true);
        },
      ),
    );
  });
});

describe('along a trip', () => {
  const beside = (points: Position[], widthM: number, positions: Position[]) =>
    nearestIndex(positions).along(points, widthM);
  const spot = fc.record({
    lat: fc.double({ min: -3, max: 3, noNaN: true }),
    lon: fc.double({ min: -3, max: 3, noNaN: true }),
  });

  it('is found what a fine walk along it finds, at the same place on the way', () => {
    fc.assert(
      fc.property(
        fc.array(spot, { minLength: 2, maxLength: 4 }),
        fc.array(spot, { minLength: 1, maxLength: 25 }),
        fc.constantFrom([46, -33], [-20, 179], [60, -180]),
        (trip, spots, [lat0, lon0]) => {
          const move = (one: Position): Position => ({
            lat: one.lat + lat0!,
            lon: ((one.lon + lon0! + 540) % 360) - 180,
          });
          const [points, positions] = [trip.map(move), spots.map(move)];
          const widthM = 40_000;
          const found = new Map(beside(points, widthM, positions).beside.map((one) => [one.at, one]));
          // Every 500 m of the trip, by the reference library alone.
          const walk: { position: Position; alongM: number }[] = [];
          let start = 0;
          for (let i = 1; i < points.length; i += 1) {
            const leg = legBetween(points[i - 1]!, points[i]!);
            for (let m = 0; m <= leg.distanceM; m += 500)
              walk.push({ position: pointAlong(points[i - 1]!, leg.bearingDeg, m), alongM: start + m });
            start += leg.distanceM;
          }
          positions.forEach((position, at) => {
            const nearest = Math.min(...walk.map((step) => legBetween(step.position, position).distanceM));
            const one = found.get(at);
            if (nearest < widthM - 600) expect(one, `spot ${at}, ${nearest} m off`).toBeDefined();
            if (nearest > widthM + 600) expect(one).toBeUndefined();
            if (one) expect(Math.abs(one.offM - nearest)).toBeLessThan(600);
          });
        },
      ),
      { numRuns: 12 },
    );
  }, 60_000);

  it('comes in the order of travel, and says where there is nothing', () => {
    const north = (km: number, eastKm = 0): Position =>
      pointAlong(pointAlong({ lat: 46, lon: -33 }, 0, km * 1000), 90, eastKm * 1000);
    const {
      lengthM,
      beside: found,
      empty,
    } = beside([north(0), north(100)], 10_000, [north(80, 6), north(10), north(20, 3), north(50, 15)]);
    expect(lengthM).toBeCloseTo(100_000, 3);
    expect(found.map((one) => [one.at, Math.round(one.alongM / 1000), Math.round(one.offM / 1000)])).toEqual([
      [1, 10, 0],
      [2, 20, 3],
      [0, 80, 6],
    ]);
    expect(empty.map(({ fromM, toM }) => [Math.round(fromM / 1000), Math.round(toM / 1000)])).toEqual([
      [30, 72],
      [88, 100],
    ]);
    expect(beside([north(100), north(0)], 10_000, [north(10), north(80)]).beside.map((one) => one.at)).toEqual([1, 0]);
    expect(beside([north(0), north(100)], 1000, []).empty).toEqual([{ fromM: 0, toM: lengthM }]);
  });
});

describe('along a trip, where it turns, begins and ends', () => {
  const along = (points: Position[], widthM: number, positions: Position[]) =>
    nearestIndex(positions).along(points, widthM);
  const home = { lat: 46, lon: -33 };
  const kmNorth = (km: number, eastKm = 0) => pointAlong(pointAlong(home, 0, km * 1000), 90, eastKm * 1000);
  const km = ({ fromM, toM }: { fromM: number; toM: number }) => [Math.round(fromM / 1000), Math.round(toM / 1000)];

  it('counts a site behind the start for what it reaches ahead, and no more', () => {
    // 5 km behind the start with 10 km of reach: the first 5 km. Beside it would be 8.7 km.
    const { beside, empty } = along([home, kmNorth(50)], 10_000, [kmNorth(-5)]);
    expect(beside).toEqual([{ at: 0, alongM: 0, offM: expect.closeTo(5000, 0) as number }]);
    expect(empty.map(km)).toEqual([[5, 50]]);
  });

  it('counts a site beyond the end likewise, and none that is out of reach of both ends', () => {
    expect(along([home, kmNorth(50)], 10_000, [kmNorth(58), kmNorth(61)]).empty.map(km)).toEqual([[0, 48]]);
  });

  it('counts each leg of a trip there and back', () => {
    const { beside, empty, lengthM } = along([home, kmNorth(100), home], 10_000, [kmNorth(20, 6)]);
    expect(lengthM).toBeCloseTo(200_000, 0);
    expect(beside.map(({ alongM }) => Math.round(alongM / 1000))).toEqual([20, 180]);
    expect(empty.map(km)).toEqual([
      [0, 12],
      [28, 172],
      [188, 200],
    ]);
  });

  it('is one passing where it stays within reach, also round a turn', () => {
    expect(along([home, kmNorth(100), home], 10_000, [kmNorth(97)]).beside).toHaveLength(1);
    expect(along([home, kmNorth(60), kmNorth(60, 60)], 10_000, [kmNorth(55, 5)]).beside).toHaveLength(1);
  });

  it('finds what a walk finds near the poles', () => {
    // Across the pole, and round it at 89.8 degrees.
    for (const trip of [
      [
        { lat: 89.5, lon: 10 },
        { lat: 89.6, lon: -160 },
      ],
      [
        { lat: -89.8, lon: 0 },
        { lat: -89.8, lon: 120 },
      ],
    ]) {
      const leg = legBetween(trip[0]!, trip[1]!);
      const spots = Array.from({ length: 360 }, (_, lon) => ({
        lat: Math.sign(trip[0]!.lat) * (89.3 + (lon % 7) / 10),
        lon: lon - 180,
      }));
      const found = new Map(along(trip, 15_000, spots).beside.map((one) => [one.at, one.offM]));
      spots.forEach((spot, at) => {
        let nearest = Infinity;
        for (let m = 0; m <= leg.distanceM; m += 250)
          nearest = Math.min(nearest, legBetween(pointAlong(trip[0]!, leg.bearingDeg, m), spot).distanceM);
        if (nearest < 14_700) expect(Math.abs(found.get(at)! - nearest), `spot ${at}`).toBeLessThan(300);
        if (nearest > 15_300) expect(found.has(at), `spot ${at}`).toBe(false);
      });
    }
  });
});

describe('the nearest', () => {
  const position = fc.record({
    lat: fc.double({ min: -89, max: 89, noNaN: true }),
    lon: fc.double({ min: -180, max: 180, noNaN: true }),
  });

  it('are those that looking at all of them finds, also over the date line and near the poles', () => {
    fc.assert(
      fc.property(
        fc.array(position, { minLength: 1, maxLength: 60 }),
        position,
        fc.integer({ min: 1, max: 8 }),
        (positions, from, limit) => {
          const found = nearestIndex(positions).nearest(from, limit);
          const all = positions.map((one) => legBetween(from, one).distanceM).sort((a, b) => a - b);
          expect(found.map((one) => one.distanceM)).toEqual(all.slice(0, limit));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('are the same where the sphere has many in another order', () => {
    // A ring about 100 km away: on the sphere all are equally far, on the ellipsoid those to the north and south are up
    // to 0.5 % apart.
    const from = { lat: 0, lon: 0 };
    const ring = Array.from({ length: 720 }, (_, at) => {
      const bearing = (at / 2) * (Math.PI / 180);
      return { lat: 0.9 * Math.cos(bearing), lon: 0.9 * Math.sin(bearing) };
    });
    const all = ring.map((one) => legBetween(from, one).distanceM).sort((a, b) => a - b);
    expect(
      nearestIndex(ring)
        .nearest(from, 5)
        .map((one) => one.distanceM),
    ).toEqual(all.slice(0, 5));
  });

  it('keep to what is asked for, and to a distance', () => {
    const positions = Array.from({ length: 20 }, (_, at) => ({ lat: 46.7, lon: -33.4 + at * 0.01 }));
    const index = nearestIndex(positions);
    expect(index.nearest(positions[0]!, 3, (at) => at % 2 === 1).map((one) => one.at)).toEqual([1, 3, 5]);
    expect(index.nearest(positions[0]!, 20, undefined, 2000).map((one) => one.at)).toEqual([0, 1, 2]);
    expect(nearestIndex([]).nearest({ lat: 0, lon: 0 }, 5)).toEqual([]);
  });
});
