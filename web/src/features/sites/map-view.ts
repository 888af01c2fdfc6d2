/**
 * Tens of thousands of sites on a map, as plain arithmetic: positions are projected once (Web Mercator, the whole world
 * a unit square), a frame shifts and bins them. No drawing here, so it is tested without a browser.
 */
import { geoMercator } from 'd3-geo';
import type { SiteMap } from '@relay/core/lists/filed';
import type { Position } from '@relay/core/plan/types';

/** Mean radius of the earth, km (IUGG). */
export const EARTH_KM = 6371.0088;

/** The whole world in a square of side 1; x to the east, y to the south. */
const UNIT = geoMercator()
  .scale(1 / (2 * Math.PI))
  .translate([0.5, 0.5])
  .precision(0);

/** Pixels = unit × `k` + offset. */
export interface View {
  k: number;
  x: number;
  y: number;
}

export interface Point {
  x: number;
  y: number;
}

export interface Spots {
  xs: Float64Array;
  ys: Float64Array;
  modes: Uint8Array;
  map: SiteMap;
}

/** A dot, or several that would lie on each other: drawn as one with their number. */
export interface Mark extends Point {
  count: number;
  /** Place of the first of them in the arrays. */
  at: number;
}

export const unitProjection = UNIT;

export function toUnit({ lat, lon }: Position): Point {
  // Mercator has no poles: what lies beyond is drawn at the edge.
  const [x, y] = UNIT([lon, Math.max(-85, Math.min(85, lat))])!;
  return { x, y };
}

export function toPosition({ x, y }: Point): Position {
  const [lon, lat] = UNIT.invert!([x, y])!;
  return { lat, lon };
}

export function spotsOf(map: SiteMap): Spots {
  const count = map.line.length;
  const xs = new Float64Array(count);
  const ys = new Float64Array(count);
  for (let at = 0; at < count; at += 1) {
    const { x, y } = toUnit({ lat: map.lat[at]!, lon: map.lon[at]! });
    xs[at] = x;
    ys[at] = y;
  }
  return { xs, ys, modes: Uint8Array.from(map.modes), map };
}

/** A mark stands for what falls into a cell of this many pixels. */
const CELL = 22;
/** Below this many in view each has its own dot. */
const FEW = 150;

/** What a frame shows: the spots within it (and `bits`, the modes asked for), those that would overlap as one. */
export function marksIn(
  spots: Spots,
  view: View,
  width: number,
  height: number,
  bits: number,
): { marks: Mark[]; inView: number } {
  const columns = Math.ceil(width / CELL) + 1;
  const cells = new Int32Array(columns * (Math.ceil(height / CELL) + 1)).fill(-1);
  const marks: Mark[] = [];
  const singles: Mark[] = [];
  const { xs, ys, modes } = spots;
  let inView = 0;
  for (let at = 0; at < xs.length; at += 1) {
    const x = xs[at]! * view.k + view.x;
    if (x < 0 || x >= width) continue;
    const y = ys[at]! * view.k + view.y;
    if (y < 0 || y >= height || (bits !== 0 && (modes[at]! & bits) === 0)) continue;
    inView += 1;
    if (inView <= FEW) singles.push({ x, y, count: 1, at });
    const cell = Math.floor(y / CELL) * columns + Math.floor(x / CELL);
    const known = cells[cell]!;
    if (known < 0) {
      cells[cell] = marks.length;
      marks.push({ x, y, count: 1, at });
    } else {
      const mark = marks[known]!;
      mark.count += 1;
      mark.x += (x - mark.x) / mark.count;
      mark.y += (y - mark.y) / mark.count;
    }
  }
  return { marks: inView <= FEW ? singles : marks, inView };
}

/** The mark under a pointer, the nearest within `reach` pixels. */
export function markAt(marks: readonly Mark[], { x, y }: Point, reach: number): Mark | null {
  let best: Mark | null = null;
  let least = reach;
  for (const mark of marks) {
    const distance = Math.hypot(mark.x - x, mark.y - y) - radiusOf(mark);
    if (distance < least) {
      least = distance;
      best = mark;
    }
  }
  return best;
}

export function radiusOf({ count }: Mark): number {
  return count === 1 ? 4 : Math.min(16, 6 + 2.2 * Math.log2(count));
}

/** The view that has these positions in it, with room at the edge. */
export function viewOf(positions: readonly Position[], width: number, height: number): View {
  const points = positions.map(toUnit);
  const [left, right] = [Math.min(...points.map((one) => one.x)), Math.max(...points.map((one) => one.x))];
  const [top, bottom] = [Math.min(...points.map((one) => one.y)), Math.max(...points.map((one) => one.y))];
  const room = 0.84;
  const k = Math.min(
    LARGEST_K,
    (width * room) / Math.max(right - left, 1e-9),
    (height * room) / Math.max(bottom - top, 1e-9),
  );
  return { k, x: width / 2 - ((left + right) / 2) * k, y: height / 2 - ((top + bottom) / 2) * k };
}

/** The whole world in 300 pixels; about a metre a pixel. */
export const SMALLEST_K = 300;
export const LARGEST_K = 2e7;
