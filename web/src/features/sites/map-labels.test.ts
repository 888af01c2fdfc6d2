import { describe, expect, it } from 'vitest';
import type { SiteMap } from '@relay/core/lists/filed';
import { labelsIn, pointOf, scaleBar } from './map-labels';
import { marksIn, spotsOf, toUnit, viewOf } from './map-view';

const PLACES = ['Hask', 'Merrin'];

function mapOf(sites: { lat: number; lon: number; place: number }[]): SiteMap {
  return {
    lists: ['a'],
    list: sites.map(() => 0),
    line: sites.map((_, at) => at + 2),
    lat: sites.map((one) => one.lat),
    lon: sites.map((one) => one.lon),
    txHz: sites.map(() => 439e6),
    modes: sites.map(() => 2),
    callSign: sites.map((_, at) => `QO1A${String.fromCharCode(65 + (at % 26))}`),
    name: sites.map((_, at) => (at === 0 ? 'Hask Head' : 'Merrin')),
    places: PLACES,
    place: sites.map((one) => one.place),
  };
}

const SIZE = { width: 600, height: 400 };
const CORNERS = [
  { lat: 46.6, lon: -33.6 },
  { lat: 46.9, lon: -33.1 },
];
const view = viewOf(CORNERS, SIZE.width, SIZE.height);
const labels = (map: SiteMap, land: Parameters<typeof labelsIn>[2] = []) => {
  const spots = spotsOf(map);
  const { marks } = marksIn(spots, view, SIZE.width, SIZE.height, 0);
  return labelsIn(marks, spots, land, view, SIZE, (text) => text.length * 7);
};

describe('names on the map', () => {
  const two = mapOf([
    { lat: 46.7, lon: -33.5, place: 0 },
    { lat: 46.8, lon: -33.2, place: 1 },
  ]);

  it('are of land, towns and sites; a site named as its town has its call sign alone', () => {
    expect(labels(two, [pointOf('Ostrey', 46.85, -33.5)]).map(({ kind, text }) => [kind, text])).toEqual([
      ['land', 'Ostrey'],
      ['town', 'Hask'],
      ['town', 'Merrin'],
      ['site', 'QO1AA Hask Head'],
      ['site', 'QO1AB'],
    ]);
  });

  it('never lie on each other, nor beyond the edge', () => {
    const dense = labels(
      mapOf(
        Array.from({ length: 90 }, (_, n) => ({
          lat: 46.65 + (n % 10) * 0.02,
          lon: -33.55 + Math.floor(n / 10) * 0.05,
          place: n % 2,
        })),
      ),
    );
    expect(dense.length).toBeGreaterThan(5);
    const boxes = dense.map(({ x, y, text, kind }) => {
      const left = kind === 'site' ? x : x - (text.length * 7) / 2;
      return { left, right: left + text.length * 7, y };
    });
    for (const [at, one] of boxes.entries()) {
      expect(one.left).toBeGreaterThanOrEqual(0);
      expect(one.right).toBeLessThanOrEqual(SIZE.width);
      for (const other of boxes.slice(at + 1))
        expect(one.left < other.right && other.left < one.right && Math.abs(one.y - other.y) < 14).toBe(false);
    }
  });

  it('stay away while sites are drawn together', () => {
    const many = mapOf(Array.from({ length: 400 }, (_, n) => ({ lat: 46.7 + n * 1e-4, lon: -33.4, place: 0 })));
    expect(labels(many)).toEqual([]);
  });
});

describe('the scale', () => {
  it('is a round length no longer than was given, as long as the sphere says in the middle of the view', () => {
    // At the equator one degree is 111.195 km on the mean sphere (2πR/360, R of the IUGG).
    const k = 360_000;
    const middle = toUnit({ lat: 0, lon: 0 });
    const equator = { k, x: 300 - middle.x * k, y: 200 - middle.y * k };
    const bar = scaleBar(equator, SIZE)!;
    expect(bar.text).toBe('10 km');
    expect(bar.width).toBeCloseTo((10 / 111.195) * (k / 360), 1);
    // At 60 degrees a kilometre is drawn twice as long.
    const north = toUnit({ lat: 60, lon: 0 });
    const there = scaleBar({ k, x: 300 - north.x * k, y: 200 - north.y * k }, SIZE)!;
    expect(there.text).toBe('5 km');
    expect(there.width).toBeCloseTo(bar.width, 1);
    for (let zoom = 300; zoom < 2e7; zoom *= 1.7)
      expect(scaleBar({ k: zoom, x: 300 - 0.5 * zoom, y: 200 - 0.5 * zoom }, SIZE)!.width).toBeLessThanOrEqual(120);
  });
});
