import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { DmrState } from '../../plan/modes/dmr/types';
import { type DmrEffect, type DmrEvent, step } from './machine';

const MINUTE = 60_000;
const keyed = (atMs: number, number: number, slot: 1 | 2 = 2, networkId = 'n1', timerMin = 10): DmrEvent => ({
  kind: 'keyed',
  atMs,
  networkId,
  slot,
  number,
  timerMin,
});
const passed = (atMs: number): DmrEvent => ({ kind: 'time passed', atMs });
/** All effects of a row of events, and what is awake at the end. */
function run(events: readonly DmrEvent[]): { effects: string[]; awake: number[] } {
  let state: DmrState = { awake: [] };
  const effects: DmrEffect[] = [];
  for (const event of events) {
    const [next, now] = step(state, event);
    state = next;
    effects.push(...now);
  }
  return {
    effects: effects.map((one) => `${one.kind} ${one.networkId} ${one.slot} ${one.number}`),
    awake: state.awake.map((one) => one.number),
  };
}

describe('dynamic groups', () => {
  // Common practice: a slot takes up what is keyed on it, and drops it after ten quiet minutes.
  it.each<[string, DmrEvent[], string[], number[]]>([
    ['keyed, it is taken up', [keyed(0, 417)], ['taken up n1 2 417'], [417]],
    [
      'quiet for as long as its timer, it is dropped',
      [keyed(0, 417), passed(10 * MINUTE)],
      ['taken up n1 2 417', 'dropped n1 2 417'],
      [],
    ],
    ['not quite so long, it stays', [keyed(0, 417), passed(10 * MINUTE - 1)], ['taken up n1 2 417'], [417]],
    [
      'keyed again, its timer starts anew',
      [keyed(0, 417), keyed(9 * MINUTE, 417), passed(18 * MINUTE)],
      ['taken up n1 2 417'],
      [417],
    ],
    [
      'another on the same slot replaces it',
      [keyed(0, 417), keyed(MINUTE, 588)],
      ['taken up n1 2 417', 'dropped n1 2 417', 'taken up n1 2 588'],
      [588],
    ],
    [
      'another slot keeps its own',
      [keyed(0, 417, 1), keyed(MINUTE, 588, 2)],
      ['taken up n1 1 417', 'taken up n1 2 588'],
      [417, 588],
    ],
    [
      'another network keeps its own',
      [keyed(0, 417), keyed(MINUTE, 588, 2, 'n2')],
      ['taken up n1 2 417', 'taken up n2 2 588'],
      [417, 588],
    ],
    [
      'one whose time was over is dropped before the next is taken up',
      [keyed(0, 417), keyed(11 * MINUTE, 417)],
      ['taken up n1 2 417', 'dropped n1 2 417', 'taken up n1 2 417'],
      [417],
    ],
  ])('%s', (_, events, effects, awake) => expect(run(events)).toEqual({ effects, awake }));

  it('are at most one a slot and network, whatever is keyed', () => {
    const event = fc.record({
      minutes: fc.integer({ min: 0, max: 12 }),
      number: fc.integer({ min: 1, max: 4 }),
      slot: fc.constantFrom<1 | 2>(1, 2),
      networkId: fc.constantFrom('n1', 'n2'),
    });
    fc.assert(
      fc.property(fc.array(event, { maxLength: 30 }), (list) => {
        let [state, atMs]: [DmrState, number] = [{ awake: [] }, 0];
        for (const { minutes, number, slot, networkId } of list) {
          atMs += minutes * MINUTE;
          [state] = step(state, keyed(atMs, number, slot, networkId));
          expect(new Set(state.awake.map((one) => `${one.networkId}/${one.slot}`)).size).toBe(state.awake.length);
          expect(state.awake.every((one) => one.untilMs > atMs)).toBe(true);
        }
      }),
    );
  });
});
