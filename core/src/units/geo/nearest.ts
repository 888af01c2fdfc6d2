/** The nearest of many positions. A spherical index finds candidates, the ellipsoid ranks them. */
import { around, distance } from 'geokdbush';
import KDBush from 'kdbush';
import type { Position } from './position';
import { type Corridor, corridor } from './corridor';
import { type Leg, legBetween } from './geodesic';

/** The sphere is off by up to 0.56 % either way (measured against the ellipsoid). */
const SPHERE_ERROR = 1.006;
/** Candidates that are ranked beyond those asked for, at first. */
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
  along: (points: readonly Position[], widthM: number, keep?: (at: number) => boolean, mostLooks?: number) => Corridor;
}

/** Positions in degrees, WGS 84. */
export function nearestIndex(positions: readonly Position[]): NearestIndex {
  const index = new KDBush(positions.length);
  for (const { lat, lon } of positions) index.add(lon, lat);
  index.finish();
  return {
    count: positions.length,
    along: (points, widthM, keep, mostLooks) => corridor(points, widthM, positions, index, keep, mostLooks),
    nearest(from, limit, keep, withinM = Infinity) {
      if (positions.length === 0 || limit <= 0) return [];
      for (let count = limit + SPARE; ; count *= 2) {
        const found = around(index, from.lon, from.lat, count, (withinM / 1000) * SPHERE_ERROR, keep) as number[];
        const ranked = found
          .map((at): Near => ({ at, ...legBetween(from, positions[at]!) }))
          .filter((one) => one.distanceM <= withinM)
          .sort((a, b) => a.distanceM - b.distanceM || a.at - b.at);
        if (found.length < count) return ranked.slice(0, limit);
        // Whatever was not looked at is at least this far away on the ellipsoid; ties are settled by looking at all of
        // them.
        const last = positions[found.at(-1)!]!;
        const seenM = (distance(from.lon, from.lat, last.lon, last.lat) * 1000) / SPHERE_ERROR;
        if (ranked.length >= limit && ranked[limit - 1]!.distanceM < seenM) return ranked.slice(0, limit);
      }
    },
  };
}
