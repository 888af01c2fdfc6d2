import { describe, expect, it } from 'vitest';
import type { LaneView } from '@relay/core/rehearse/lanes';
import { AXIS_HEIGHT, heightOf, inView, LANE, lineOf, ticksOf, topsOf, xOf } from './chart';

const lane = (is: LaneView['is'], id: string): LaneView => ({
  key: `${is} ${id}`,
  is,
  id,
  name: id,
  bars: [],
  bands: [],
  marks: [],
});

describe('the chart of a run', () => {
  it.each([
    [{ fromMs: 0, toMs: 60_000 }, 900, 5_000],
    [{ fromMs: 0, toMs: 3_600_000 }, 900, 300_000],
    [{ fromMs: 12_340, toMs: 13_340 }, 900, 100],
  ])('has ticks that people count in, with room for their words: %o', (span, width, step) => {
    const ticks = ticksOf(span, width);
    expect(ticks[1]! - ticks[0]!).toBe(step);
    for (const tick of ticks) expect(tick % step).toBe(0);
    expect(xOf(ticks[1]!, span, width) - xOf(ticks[0]!, span, width)).toBeGreaterThanOrEqual(64);
  });
  it('shows what begins, goes on or ends in view', () => {
    const bar = (fromMs: number, toMs: number | null) => ({
      over: 1,
      role: 'sends' as const,
      mode: null,
      fromMs,
      toMs,
    });
    const list = [bar(0, 5), bar(0, 15), bar(12, 18), bar(25, 30), bar(3, null)];
    expect(inView(list, { fromMs: 10, toMs: 20 }, 40)).toEqual([list[1], list[2], list[4]]);
  });
  it('puts lanes one under the other; sites are higher', () => {
    const lanes = [lane('radio', 'a'), lane('site', 'b'), lane('network', 'c')];
    expect(topsOf(lanes).tops[2]).toBe(AXIS_HEIGHT + heightOf(lanes[0]!) + heightOf(lanes[1]!));
    expect(lineOf(lanes, 'site b')).toBe(AXIS_HEIGHT + heightOf(lanes[0]!) + LANE.line);
  });
});
