/** Places on the chart of a run: times across, lanes down. */
import type { Band, Bar, LaneView } from '@relay/core/rehearse/lanes';

/** Places in a lane, px from its top: the line, and, at sites, the strip of what holds below what is said of a loss. */
export const LANE = { line: 24, strip: 46, stripHeight: 11 } as const;
/** Only sites have a strip. */
export const heightOf = ({ is }: Pick<LaneView, 'is'>): number => (is === 'site' ? 62 : 44);
export const AXIS_HEIGHT = 22;

export interface Span {
  fromMs: number;
  toMs: number;
}

/** Distances between ticks that people count in, ms. */
const STEPS = [100, 200, 500, 1e3, 2e3, 5e3, 1e4, 15e3, 3e4, 6e4, 12e4, 3e5, 6e5, 18e5, 36e5];
const LEAST_PX = 64;

/** Ticks of the time axis, ms, at least so far apart that their words have room. */
export function ticksOf({ fromMs, toMs }: Span, width: number): number[] {
  const perPx = (toMs - fromMs) / Math.max(1, width);
  const step = STEPS.find((one) => one / perPx >= LEAST_PX) ?? STEPS.at(-1)!;
  const first = Math.ceil(fromMs / step) * step;
  const ticks = [];
  for (let at = first; at <= toMs; at += step) ticks.push(at);
  return ticks;
}

export const xOf = (atMs: number, { fromMs, toMs }: Span, width: number): number =>
  ((atMs - fromMs) / Math.max(1, toMs - fromMs)) * width;

/** Those that are in view; what goes on lasts until `nowMs`. */
export const inView = <T extends Bar | Band>(list: readonly T[], { fromMs, toMs }: Span, nowMs: number): T[] =>
  list.filter((one) => one.fromMs <= toMs && (one.toMs ?? nowMs) >= fromMs);

/** Where each lane begins, px from the top, and where the last one ends. */
export function topsOf(lanes: readonly LaneView[]): { tops: number[]; end: number } {
  let end = AXIS_HEIGHT;
  const tops = lanes.map((lane) => {
    const top = end;
    end += heightOf(lane);
    return top;
  });
  return { tops, end };
}

/** Where the line of a lane is, px from the top. */
export const lineOf = (lanes: readonly LaneView[], key: string): number =>
  topsOf(lanes).tops[lanes.findIndex((one) => one.key === key)]! + LANE.line;
