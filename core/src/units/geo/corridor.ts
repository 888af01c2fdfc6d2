/** What lies along a trip: how far on the way, how far off it, and the stretches where there is nothing. */
import type KDBush from 'kdbush';
import type { Position } from './position';
import { bearingAlong, legBetween, pointAlong } from './geodesic';

/** One passing of a position: a trip that comes by again passes it again. */
export interface Beside {
  /** Place in the list of positions. */
  at: number;
  /** From the start of the trip to the point nearest to it on this passing, metres. */
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

/** More work than was allowed: a long trip through many positions, within a wide strip. */
export class CorridorTooLarge extends Error {}

/** Pieces of a trip that are worked on at most: once round the earth sixty times over. */
const MOST_PIECES = 100_000;

interface Piece {
  from: Position;
  middle: Position;
  startM: number;
  lengthM: number;
  bearingDeg: number;
}

/**
 * Pieces are short enough that what is within the width of one is a single stretch of it, to less than a part in a
 * thousand.
 */
const LONGEST_PIECE_M = 25_000;
/** Less than this is no stretch, only rounding. */
const LEAST_EMPTY_M = 1;
/** A degree of latitude is nowhere shorter (WGS 84: 110,574 m at the equator). */
const METRES_A_DEGREE = 110_574;
const RADIANS = Math.PI / 180;

function piecesOf(points: readonly Position[]): Piece[] {
  const pieces: Piece[] = [];
  let startM = 0;
  for (let i = 1; i < points.length; i += 1) {
    const start = points[i - 1]!;
    const { distanceM, bearingDeg } = legBetween(start, points[i]!);
    const count = Math.max(1, Math.ceil(distanceM / LONGEST_PIECE_M));
    if (pieces.length + count > MOST_PIECES) throw new CorridorTooLarge('The trip is too long.');
    const lengthM = distanceM / count;
    for (let piece = 0; piece < count; piece += 1) {
      const from = piece === 0 ? start : pointAlong(start, bearingDeg, lengthM * piece);
      const bearing = piece === 0 ? bearingDeg : bearingAlong(start, bearingDeg, lengthM * piece);
      pieces.push({ from, middle: pointAlong(from, bearing, lengthM / 2), startM, lengthM, bearingDeg: bearing });
      startM += lengthM;
    }
  }
  return pieces;
}

/**
 * The foot of a position on the line of a piece, metres from the piece's start and off the line; it may lie beyond both
 * ends.
 */
function footOf({ from, bearingDeg }: Piece, position: Position): { alongM: number; offM: number } {
  let alongM = 0;
  let offM = 0;
  // From the foot a position lies square to the line: each step halves what is missing at least, and mostly ends it.
  for (let step = 0; step < 8; step += 1) {
    const here = pointAlong(from, bearingDeg, alongM);
    const leg = legBetween(here, position);
    offM = leg.distanceM;
    const ahead = leg.distanceM * Math.cos((leg.bearingDeg - bearingAlong(from, bearingDeg, alongM)) * RADIANS);
    alongM += ahead;
    if (Math.abs(ahead) < 0.5) break;
  }
  return { alongM, offM };
}

interface Passing extends Beside {
  piece: number;
}

/** What a piece has of a position: the nearest point, and the stretch that is within the width; `null` when none is. */
function besidePiece(
  piece: Piece,
  position: Position,
  widthM: number,
): { alongM: number; offM: number; near: Stretch } | null {
  const foot = footOf(piece, position);
  if (foot.offM > widthM) return null;
  const half = Math.sqrt(widthM * widthM - foot.offM * foot.offM);
  const near = { fromM: Math.max(0, foot.alongM - half), toM: Math.min(piece.lengthM, foot.alongM + half) };
  if (near.fromM > near.toM) return null;
  const share = Math.min(piece.lengthM, Math.max(0, foot.alongM));
  const offM =
    share === foot.alongM ? foot.offM : legBetween(pointAlong(piece.from, piece.bearingDeg, share), position).distanceM;
  if (offM > widthM) return null;
  return {
    alongM: piece.startM + share,
    offM,
    near: { fromM: piece.startM + near.fromM, toM: piece.startM + near.toM },
  };
}

/**
 * Boxes in degrees around everything within the width of a piece; all longitudes where it comes round a pole, two boxes
 * at the date line.
 */
function boxesOf({ middle, lengthM }: Piece, widthM: number): [number, number, number, number][] {
  const reach = (widthM + lengthM / 2) / METRES_A_DEGREE;
  const [south, north] = [middle.lat - reach, middle.lat + reach];
  if (south <= -90 || north >= 90) return [[-180, Math.max(-90, south), 180, Math.min(90, north)]];
  // The widest a circle is in longitude: sin(reach) against the cosine of its middle's latitude.
  const room = Math.asin(Math.min(1, Math.sin(reach * RADIANS) / Math.cos(middle.lat * RADIANS))) / RADIANS;
  const [west, east] = [middle.lon - room, middle.lon + room];
  return [-360, 0, 360]
    .map((turn): [number, number, number, number] => [west + turn, south, east + turn, north])
    .filter(([low, , high]) => high >= -180 && low <= 180);
}

function emptyStretches(near: readonly Stretch[], lengthM: number): Stretch[] {
  const empty: Stretch[] = [];
  let reached = 0;
  for (const { fromM, toM } of [...near].sort((a, b) => a.fromM - b.fromM)) {
    if (fromM > reached + LEAST_EMPTY_M) empty.push({ fromM: reached, toM: fromM });
    reached = Math.max(reached, toM);
  }
  if (reached + LEAST_EMPTY_M < lengthM) empty.push({ fromM: reached, toM: lengthM });
  return empty;
}

/** Of a position that several pieces in a row are near, the nearest: one passing. */
function passings(found: readonly Passing[]): Beside[] {
  const all: Beside[] = [];
  let last: Passing | null = null;
  for (const one of found) {
    if (last && last.at === one.at && one.piece <= last.piece + 1) {
      const best = all.at(-1)!;
      if (one.offM < best.offM) Object.assign(best, { alongM: one.alongM, offM: one.offM });
    } else all.push({ at: one.at, alongM: one.alongM, offM: one.offM });
    last = one;
  }
  return all;
}

/**
 * Positions within `widthM` of a trip, once for each time that it comes by. `points` at least two; `index` holds the
 * positions by longitude and latitude. Distances on the ellipsoid (WGS 84).
 * @param mostLooks how many times a position may be held against a piece of the trip
 * @throws CorridorTooLarge beyond that, and for a trip of more than 2.5 million kilometres
 */
export function corridor(
  points: readonly Position[],
  widthM: number,
  positions: readonly Position[],
  index: KDBush,
  keep: (at: number) => boolean = () => true,
  mostLooks = Infinity,
): Corridor {
  const pieces = piecesOf(points);
  const found: Passing[] = [];
  const near: Stretch[] = [];
  let looks = 0;
  pieces.forEach((piece, place) => {
    const inBoxes = new Set(boxesOf(piece, widthM).flatMap((box) => index.range(...box)));
    looks += inBoxes.size;
    if (looks > mostLooks) throw new CorridorTooLarge('Too many positions are along the trip.');
    for (const at of inBoxes) {
      const one = keep(at) ? besidePiece(piece, positions[at]!, widthM) : null;
      if (!one) continue;
      found.push({ at, piece: place, alongM: one.alongM, offM: one.offM });
      near.push(one.near);
    }
  });
  const beside = passings(found.sort((a, b) => a.at - b.at || a.piece - b.piece));
  const lengthM = pieces.reduce((sum, piece) => sum + piece.lengthM, 0);
  return {
    lengthM,
    beside: beside.sort((a, b) => a.alongM - b.alongM || a.offM - b.offM || a.at - b.at),
    empty: emptyStretches(near, lengthM),
  };
}
