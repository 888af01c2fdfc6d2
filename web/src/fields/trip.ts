/** A trip as people give it: places one a line, or a GPX file. */
import { legBetween } from '@relay/core/units/geo/geodesic';
import { GpxError, readGpxFile } from '@relay/core/units/geo/gpx';
import type { Position } from '@relay/core/plan/types';
import { readPlace } from './field';

export interface ReadTrip {
  points: Position[];
  /** What is wrong, with its line. */
  problem: string | null;
}

/** One place a line: a locator, or latitude and longitude. */
export function readTrip(text: string): ReadTrip {
  const lines = text
    .split('\n')
    .map((line, at) => ({ line: line.trim(), at: at + 1 }))
    .filter(({ line }) => line !== '');
  const read = lines.map(({ line, at }) => ({ line, at, position: readPlace(line) }));
  const wrong = read.find((one) => one.position === null);
  if (wrong)
    return {
      points: [],
      problem: `Line ${wrong.at}: found “${wrong.line}”, expected a locator or latitude and longitude.`,
    };
  return {
    points: read.map((one) => one.position!),
    problem: read.length === 1 ? 'Found one place, expected at least two.' : null,
  };
}

/** How far off its way a trip of these points is looked at while nobody has said, km: a fifteenth of it, 2 to 20. */
export function usualWidthKm(points: readonly Position[]): number {
  const metres = points.slice(1).reduce((sum, point, at) => sum + legBetween(points[at]!, point).distanceM, 0);
  return Math.min(20, Math.max(2, Math.round(metres / 15_000)));
}

/** GPX 1.0 and 1.1: the first track, else the first route, else the waypoints, in their order. */
export function readGpx(xml: string): ReadTrip {
  try {
    const { tracks, routes, waypoints } = readGpxFile(xml);
    const named = waypoints.flatMap(({ position }) => (position ? [position] : []));
    const points = [...tracks, ...routes, named].find((one) => one.length > 1);
    return points
      ? { points: points.map(({ lat, lon }) => ({ lat, lon })), problem: null }
      : { points: [], problem: 'Found fewer than two points in the GPX.' };
  } catch (error) {
    if (error instanceof GpxError) return { points: [], problem: error.message };
    throw error;
  }
}
