/** A trip as people give it: places one a line, or a GPX file. */
import type { Position } from '@relay/core/plan/types';
import { readPlace } from './place';

export interface ReadTrip {
  points: Position[];
  /** What is wrong, with its line. */
  problem: string | null;
}

/** One place a line: a locator, or latitude and longitude. */
export function readTrip(text: string): ReadTrip {
  const lines = text.split('\n').map((line, at) => ({ line: line.trim(), at: at + 1 })).filter(({ line }) => line !== '');
  const read = lines.map(({ line, at }) => ({ line, at, position: readPlace(line) }));
  const wrong = read.find((one) => one.position === null);
  if (wrong) return { points: [], problem: `Line ${wrong.at}: found “${wrong.line}”, expected a locator or latitude and longitude.` };
  return { points: read.map((one) => one.position!), problem: read.length === 1 ? 'Found one place, expected at least two.' : null };
}

const POINTS = ['trkpt', 'rtept', 'wpt'] as const;

/** GPX 1.0 and 1.1: the track, else the route, else the waypoints, in their order. */
export function readGpx(xml: string): ReadTrip {
  const document = new DOMParser().parseFromString(xml, 'application/xml');
  if (document.getElementsByTagName('parsererror').length > 0 || document.getElementsByTagName('gpx').length === 0) return { points: [], problem: 'Found no GPX, expected a file with a track, a route or waypoints.' };
  for (const tag of POINTS) {
    const points = [...document.getElementsByTagName(tag)].map((one) => ({ lat: Number(one.getAttribute('lat') ?? 'none'), lon: Number(one.getAttribute('lon') ?? 'none') }));
    const wrong = points.findIndex(({ lat, lon }) => !(Math.abs(lat) <= 90 && Math.abs(lon) <= 180));
    if (wrong >= 0) return { points: [], problem: `Point ${wrong + 1} of the GPX: expected a latitude from −90 to 90 and a longitude from −180 to 180.` };
    if (points.length > 1) return { points, problem: null };
  }
  return { points: [], problem: 'Found fewer than two points in the GPX.' };
}
