import { describe, expect, it } from 'vitest';
import { readGpx, readTrip, usualWidthKm } from './trip';

describe('a trip', () => {
  it('is typed, one place a line', () => {
    expect(readTrip('HN36en\n\n 46.92, -33.14 \n')).toMatchObject({
      problem: null,
      points: [{ lat: expect.closeTo(46.5625, 4) as number }, { lat: 46.92, lon: -33.14 }],
    });
    expect(readTrip('46.55, -33.63\nnowhere\n').problem).toBe(
      'Line 2: found “nowhere”, expected a locator or latitude and longitude.',
    );
    expect(readTrip('46.55, -33.63').problem).toBe('Found one place, expected at least two.');
    expect(readTrip('')).toEqual({ points: [], problem: null });
  });

  it('is looked at a fifteenth of its length to each side, 2 to 20 km', () => {
    const north = (degrees: number) => [
      { lat: 46, lon: -33 },
      { lat: 46 + degrees, lon: -33 },
    ];
    expect([[], north(0.1), north(0.5), north(9)].map(usualWidthKm)).toEqual([2, 2, 4, 20]);
  });

  const gpx = (inner: string) =>
    `<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">${inner}</gpx>`;
  it('or read from GPX: track before route before waypoints', () => {
    expect(
      readGpx(
        gpx(
          '<wpt lat="1" lon="1"/><trk><trkseg><trkpt lat="46.5" lon="-33.6"/><trkpt lat="46.9" lon="-33.1"/></trkseg></trk>',
        ),
      ).points,
    ).toEqual([
      { lat: 46.5, lon: -33.6 },
      { lat: 46.9, lon: -33.1 },
    ]);
    expect(readGpx(gpx('<wpt lat="1" lon="1"/><wpt lat="2" lon="2"/>')).points).toHaveLength(2);
    expect(readGpx(gpx('<wpt lat="91" lon="1"/><wpt lat="2" lon="2"/>')).problem).toContain('Waypoint 1 of the GPX');
    expect(readGpx(gpx('<wpt lat="2" lon="2"/>')).problem).toBe('Found fewer than two points in the GPX.');
    expect(readGpx('Dear all').problem).toContain('Found no GPX');
  });
});
