/** What lies along a trip: how far on the way, how far off it, and the stretches where there is nothing. */
import type KDBush from 'kdbush';
import type { Position } from './position';
import { legBetween, pointAlong } from './geodesic';

export interface Beside {
  /** Place in the list of positions. */
  at: number;
  /** From the start of the trip to the point nearest to it, metres. */
  alongM: number;
  /** From that point, metres. */
  offM: number;
}

/** A stretch of the trip, metres from its start. */
export interface Stretch {
  fromM: number;
  toM: number;
}

export interface Corridor {
  lengthM: number;
  /** In the order of travel. */
  beside: Beside[];
  /** Where no position is within the width, in the order of travel. */
  empty: Stretch[];
}

interface Segment {
  from: Position;
  to: Position;
  startM: number;
  lengthM: number;
  bearingDeg: number;
}

/** Pieces are short enough that a plane through them misses the foot of a perpendicular by less than a part in a thousand. */
const LONGEST_PIECE_M = 25_000;
/** Less than this is no stretch, only rounding. */
const LEAST_EMPTY_M = 1;
const METRES_A_DEGREE = 111_195;

function piecesOf(points: readonly Position[]): Segment[] {
  const pieces: Segment[] = [];
  let startM = 0;
  for (let i = 1; i < points.length; i += 1) {
    const { distanceM, bearingDeg } = legBetween(points[i - 1]!, points[i]!);
    const count = Math.max(1, Math.ceil(distanceM / LONGEST_PIECE_M));
    let from = points[i - 1]!;
    for (let piece = 1; piece <= count; piece += 1) {
      const to = piece === count ? points[i]! : pointAlong(points[i - 1]!, bearingDeg, (distanceM * piece) / count);
      pieces.push({ from, to, startM, lengthM: distanceM / count, bearingDeg: legBetween(from, to).bearingDeg });
      startM += distanceM / count;
      from = to;
    }
  }
  return pieces;
}

/** Longitude differences over the date line are taken the short way. */
function eastward(from: number, to: number): number {
  return ((((to - from + 180) % 360) + 360) % 360) - 180;
}

/** Share of a piece (0 to 1) at which a position is nearest, in a plane. */
function footOf({ from, to }: Segment, position: Position): number {
  const scale = Math.cos(((from.lat + to.lat) / 2) * (Math.PI / 180));
  const [x, y] = [eastward(from.lon, to.lon) * scale, to.lat - from.lat];
  const [px, py] = [eastward(from.lon, position.lon) * scale, position.lat - from.lat];
  const square = x * x + y * y;
  return square === 0 ? 0 : Math.min(1, Math.max(0, (px * x + py * y) / square));
}

function besidePiece(piece: Segment, position: Position, at: number): Beside {
  const share = footOf(piece, position);
  const foot = pointAlong(piece.from, piece.bearingDeg, piece.lengthM * share);
  return { at, alongM: piece.startM + piece.lengthM * share, offM: legBetween(foot, position).distanceM };
}

/** Boxes in degrees around a piece, with room for the width; two where it meets the date line. */
function boxesOf({ from, to }: Segment, widthM: number): [number, number, number, number][] {
  const south = Math.min(from.lat, to.lat) - (widthM / METRES_A_DEGREE) * 1.01;
  const north = Math.max(from.lat, to.lat) + (widthM / METRES_A_DEGREE) * 1.01;
  const narrowest = Math.max(
    0.01,
    Math.cos((Math.min(89.4, Math.max(Math.abs(south), Math.abs(north))) * Math.PI) / 180),
  );
  const room = ((widthM / METRES_A_DEGREE) * 1.01) / narrowest;
  const east = eastward(from.lon, to.lon);
  const [west, wide] = [from.lon + Math.min(0, east) - room, Math.abs(east) + 2 * room];
  if (wide >= 360) return [[-180, south, 180, north]];
  return [-360, 0, 360]
    .map((turn): [number, number, number, number] => [west + turn, south, west + wide + turn, north])
    .filter(([low, , high]) => high >= -180 && low <= 180);
}

function emptyStretches(beside: readonly Beside[], lengthM: number, widthM: number): Stretch[] {
  const empty: Stretch[] = [];
  let reached = 0;
  const reach = beside.map(({ alongM, offM }) => ({
    alongM,
    half: Math.sqrt(Math.max(0, widthM * widthM - offM * offM)),
  }));
  for (const { alongM, half } of reach.sort((a, b) => a.alongM - a.half - (b.alongM - b.half))) {
    if (alongM - half > reached + LEAST_EMPTY_M) empty.push({ fromM: reached, toM: alongM - half });
    reached = Math.max(reached, alongM + half);
  }
  if (reached + LEAST_EMPTY_M < lengthM) empty.push({ fromM: reached, toM: lengthM });
  return empty;
}

/**
 * Positions within `widthM` of a trip. `points` at least two; `index` holds the positions by longitude and latitude.
 * Distances on the ellipsoid (WGS 84).
 */
export function corridor(
  points: readonly Position[],
  widthM: number,
  positions: readonly Position[],
  index: KDBush,
  keep: (at: number) => boolean = () => true,
): Corridor {
  const pieces = piecesOf(points);
  const best = new Map<number, Beside>();
  for (const piece of pieces) {
    for (const [west, south, east, north] of boxesOf(piece, widthM)) {
      for (const at of index.range(west, south, east, north)) {
        if (!keep(at)) continue;
        const one = besidePiece(piece, positions[at]!, at);
        if (one.offM <= widthM && one.offM < (best.get(at)?.offM ?? Infinity)) best.set(at, one);
      }
    }
  }
  const beside = [...best.values()].sort((a, b) => a.alongM - b.alongM || a.offM - b.offM || a.at - b.at);
  const lengthM = pieces.reduce((sum, piece) => sum + piece.lengthM, 0);
  return { lengthM, beside, empty: emptyStretches(beside, lengthM, widthM) };
}
