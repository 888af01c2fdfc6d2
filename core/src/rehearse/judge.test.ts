import { describe, expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { setPair } from '../plan/carriage';
import { NETWORK_MODE_IDS } from '../plan/modes';
import type { Plan } from '../plan/types';
import { MODES } from '../registries/modes';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';
import { bestRange, judge, rehearseDay } from './judge';
import { HOUR_MS, PATTERNS, placesThrough, talkersFor } from './traffic';

const PLAN = everyMode((plan) => void (profileOf(plan, 's1').hang = { radioS: 20, networkS: 20 }));
const day = (plan: Plan, share: number, seed = 1) => {
  const places = placesThrough(plan, MODES, 's1');
  const hours = new Map(places.map(({ key }) => [key, Array<number>(24).fill(share)]));
  return rehearseDay(plan, { modes: MODES, siteId: 's1', places, hours, seed });
};
const onlyDmr = edit(PLAN, (plan) => {
  for (const mode of NETWORK_MODE_IDS)
    if (mode !== 'dmr') setPair(profileOf(plan, 's1'), mode, mode, { able: false, on: false });
}).plan;

describe('a day at a hotspot', () => {
  it('with nobody else on the air, one is only late: never kept out', () => {
    const { conversations, keptOut, captures, missedAtWakeUp } = day(onlyDmr, 0);
    expect(conversations).toBeGreaterThan(20);
    expect({ keptOut, captures, missedAtWakeUp }).toEqual({ keptOut: 0, captures: 0, missedAtWakeUp: 0 });
  });
  it('of one mode knows no capture, however busy', () => {
    expect(day(onlyDmr, 0.5).captures).toBe(0);
    expect(day(PLAN, 0.5).captures).toBeGreaterThan(0);
  });
  it('the busier, the more one is kept out; nothing exceeds what there is', () => {
    const [quiet, busy] = [day(PLAN, 0.02), day(PLAN, 0.5)];
    expect(busy.keptOut).toBeGreaterThan(quiet.keptOut);
    for (const { conversations, keptOut, airtime } of [quiet, busy]) {
      // Three presses at most: the link, the call and the reply.
      expect(keptOut).toBeLessThanOrEqual(3 * conversations);
      for (const part of Object.values(airtime)) {
        expect(part).toBeGreaterThanOrEqual(0);
        expect(part).toBeLessThanOrEqual(1);
      }
      // A simplex hotspot is heard on slot 2 only.
      expect(airtime.slot1).toBe(0);
    }
  });
  it('the same seed gives the same day', () => {
    expect(day(PLAN, 0.3, 7)).toEqual(day(PLAN, 0.3, 7));
    expect(day(PLAN, 0.3, 7)).not.toEqual(day(PLAN, 0.3, 8));
  });
});

describe('the hang times that do best', () => {
  it.each<[string, [number, number][], { fromS: number; toS: number }]>([
    [
      'one that is better than all',
      [
        [3, 20],
        [8, 5],
        [20, 12],
      ],
      { fromS: 8, toS: 8 },
    ],
    [
      'its neighbours that are hardly worse',
      [
        [3, 20],
        [8, 5.2],
        [20, 5],
        [45, 5.4],
        [90, 9],
      ],
      { fromS: 8, toS: 45 },
    ],
    [
      'no island behind a worse one',
      [
        [3, 5],
        [8, 9],
        [20, 5.1],
      ],
      { fromS: 3, toS: 3 },
    ],
    [
      'all of them where it makes no difference',
      [
        [3, 0],
        [8, 0],
        [20, 0],
      ],
      { fromS: 3, toS: 20 },
    ],
  ])('%s', (_, list, range) => {
    expect(bestRange(list.map(([hangS, spoilt]) => ({ hangS, spoilt })))).toEqual(range);
  });
  it('very short ones cut replies; very long ones keep others out', () => {
    const places = placesThrough(PLAN, MODES, 's1');
    const hours = new Map(places.map(({ key }, at) => [key, PATTERNS.evening.hours(at)]));
    const { byHang } = judge(PLAN, { modes: MODES, siteId: 's1', places, hours, days: 2 });
    const at = (hangS: number) => byHang.find((one) => one.hangS === hangS)!;
    expect(at(2).cutReplies).toBeGreaterThan(at(20).cutReplies);
    expect(at(90).keptOut).toBeGreaterThan(at(20).keptOut);
    expect(at(90).leaveMs).toBeGreaterThan(at(20).leaveMs);
  });
});

it('people talk as much as is drawn', () => {
  const places = placesThrough(PLAN, MODES, 's1');
  const hours = Array<number>(24)
    .fill(0)
    .map((_, hour) => (hour === 20 ? 0.75 : 0));
  const talkers = talkersFor(places, new Map([[places[0]!.key, hours]]));
  expect(talkers).toMatchObject([{ fromMs: 20 * HOUR_MS, toMs: 21 * HOUR_MS }]);
  const { overMs, gapMs } = talkers[0]!;
  expect(overMs / (overMs + gapMs)).toBeCloseTo(0.75);
});
