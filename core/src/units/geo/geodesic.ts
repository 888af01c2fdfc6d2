/** Distance and bearing on the WGS 84 ellipsoid, by the geodesic library (Karney 2013). */
import geodesic from 'geographiclib-geodesic';
import type { Position } from './position';

const { WGS84 } = geodesic.Geodesic;

export interface Leg {
  distanceM: number;
  /** At the start, clockwise from true north, 0 to below 360 degrees. */
  bearingDeg: number;
}

/** The shortest way between two positions (degrees, WGS 84). */
export function legBetween(from: Position, to: Position): Leg {
  const { s12, azi1 } = WGS84.Inverse(from.lat, from.lon, to.lat, to.lon);
  return { distanceM: s12!, bearingDeg: (azi1! + 360) % 360 };
}

/** The position `distanceM` metres from a start, setting out at `bearingDeg`. */
export function pointAlong(from: Position, bearingDeg: number, distanceM: number): Position {
  const { lat2, lon2 } = WGS84.Direct(from.lat, from.lon, bearingDeg, distanceM);
  return { lat: lat2!, lon: lon2! };
}

/** The bearing in which one travels `distanceM` metres after setting out at `bearingDeg`, clockwise from true north, degrees. */
export function bearingAlong(from: Position, bearingDeg: number, distanceM: number): number {
  return (WGS84.Direct(from.lat, from.lon, bearingDeg, distanceM).azi2! + 360) % 360;
}

const POINTS = ['N', 'NNE', 'NE', 'ENE', 'E', 'ESE', 'SE', 'SSE', 'S', 'SSW', 'SW', 'WSW', 'W', 'WNW', 'NW', 'NNW'];

/** One of sixteen points; `bearingDeg` 0 to below 360. */
export function compassPoint(bearingDeg: number): string {
  return POINTS[Math.round(bearingDeg / 22.5) % 16]!;
}
