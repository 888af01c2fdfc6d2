import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SiteMap } from '@relay/core/lists/filed';
import { markAt, marksIn, radiusOf, spotsOf, toPosition, toUnit, viewOf } from './map-view';

function mapOf(places: { lat: number; lon: number; modes?: number }[]): SiteMap {
  return {
    lists: ['a'],
    list: places.map(() => 0),
    line: places.map((_, at) => at + 2),
    lat: places.map((one) => one.lat),
    lon: places.map((one) => one.lon),
    txHz: places.map(() => 439e6),
    modes: places.map((one) => one.modes ?? 2),
    callSign: places.map((_, at) => `QO${at}AA`),
    name: places.map(() => ''),
    places: ['Hask'],
    place: places.map(() => 0),
  };
}

describe('the map', () => {
  it('projects by Web Mercator and back', () => {
    // Corners and middle of the usual square: latitude atan(sinh(π)) is 85.051 129° (EPSG:3857, from memory).
    expect(toUnit({ lat: 0, lon: 0 })).toEqual({ x: 0.5, y: 0.5 });
    expect(toUnit({ lat: 0, lon: 180 }).x).toBeCloseTo(1, 9);
    const place = fc.record({
      lat: fc.double({ min: -84, max: 84, noNaN: true }),
      lon: fc.double({ min: -179.9, max: 179.9, noNaN: true }),
    });
    fc.assert(
      fc.property(place, (one) => {
        const back = toPosition(toUnit(one));
        expect(back.lat).toBeCloseTo(one.lat, 6);
        expect(back.lon).toBeCloseTo(one.lon, 6);
      }),
    );
    expect(toUnit({ lat: 90, lon: 0 }).y).toBeGreaterThan(0);
  });

  it('shows each of a few, and the number of many; none is lost', () => {
    const few = spotsOf(
      mapOf([
        { lat: 46.71, lon: -33.42 },
        { lat: 46.71, lon: -33.42 },
        { lat: 46.9, lon: -33.1 },
      ]),
    );
    const view = viewOf(
      [
        { lat: 46.71, lon: -33.42 },
        { lat: 46.9, lon: -33.1 },
      ],
      600,
      400,
    );
    expect(marksIn(few, view, 600, 400, 0)).toMatchObject({
      inView: 3,
      marks: [{ count: 1 }, { count: 1 }, { count: 1 }],
    });
    const many = spotsOf(
      mapOf(Array.from({ length: 5000 }, (_, n) => ({ lat: -50 + (n % 100), lon: -100 + Math.floor(n / 100) * 4 }))),
    );
    const world = viewOf(
      [
        { lat: -60, lon: -170 },
        { lat: 60, lon: 170 },
      ],
      900,
      500,
    );
    const { marks, inView } = marksIn(many, world, 900, 500, 0);
    expect(inView).toBe(5000);
    expect(marks.length).toBeLessThan(1200);
    expect(marks.reduce((sum, mark) => sum + mark.count, 0)).toBe(5000);
  });

  it('keeps to what is in view and to the modes asked for', () => {
    const spots = spotsOf(
      mapOf([
        { lat: 46.71, lon: -33.42, modes: 1 },
        { lat: 46.8, lon: -33.2, modes: 3 },
        { lat: 10, lon: 10, modes: 1 },
      ]),
    );
    const view = viewOf(
      [
        { lat: 46.71, lon: -33.42 },
        { lat: 46.8, lon: -33.2 },
      ],
      600,
      400,
    );
    expect(marksIn(spots, view, 600, 400, 0).inView).toBe(2);
    expect(marksIn(spots, view, 600, 400, 2).marks).toMatchObject([{ at: 1 }]);
  });

  it('finds the mark under the pointer, the nearest first', () => {
    const marks = [
      { x: 10, y: 10, count: 1, at: 0 },
      { x: 30, y: 10, count: 8, at: 1 },
    ];
    expect(markAt(marks, { x: 12, y: 12 }, 8)).toBe(marks[0]);
    expect(markAt(marks, { x: 24, y: 10 }, 8)).toBe(marks[1]);
    expect(markAt(marks, { x: 100, y: 100 }, 8)).toBeNull();
    expect(radiusOf({ x: 0, y: 0, at: 0, count: 60_000 })).toBeLessThanOrEqual(16);
  });
});
