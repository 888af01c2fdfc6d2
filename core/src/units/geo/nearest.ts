/** The nearest of many positions. A spherical index finds candidates, the ellipsoid ranks them. */
import { around } from 'geokdbush';
import KDBush from 'kdbush';
import type { Position } from './position';
import { type Corridor, corridor } from './corridor';
import { type Leg, legBetween } from './geodesic';

/** The sphere is off by up to 0.56 % (measured against the ellipsoid), so a few more candidates are ranked than asked for. */
const SPHERE_ERROR = 1.012;
const SPARE = 12;

export interface Near extends Leg {
  /** Place in the list that the index was made of. */
  at: number;
}

export interface NearestIndex {
  count: number;
  /** At most `limit`, nearest first; `keep` leaves out what is not asked for. `withinM` bounds the distance, metres. */
  nearest: (from: Position, limit: number, keep?: (at: number) => boolean, withinM?: number) => Near[];
  /** What lies within `widthM` of a trip of at least two points. */
  along: (points: readonly Position[], widthM: number, keep?: (at: number) => boolean) => Corridor;
}

/** Positions in degrees, WGS 84. */
export function nearestIndex(positions: readonly Position[]): NearestIndex {
  const index = new KDBush(positions.length);
  for (const { lat, lon } of positions) index.add(lon, lat);
  index.finish();
  return {
    count: positions.length,
    along: (points, widthM, keep) => corridor(points, widthM, positions, index, keep),
    nearest(from, limit, keep, withinM = Infinity) {
      if (positions.length === 0 || limit <= 0) return [];
      const found = around(index, from.lon, from.lat, limit + SPARE, (withinM / 1000) * SPHERE_ERROR, keep) as number[];
      return found
        .map((at): Near => ({ at, ...legBetween(from, positions[at]!) }))
        .filter((one) => one.distanceM <= withinM)
        .sort((a, b) => a.distanceM - b.distanceM || a.at - b.at)
        .slice(0, limit);
    },
  };
}
