/** A site by model: random signals, overs and times, held to what must never happen. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ModeId } from '../plan/types';
import { msToFind, SITE_AT_REST, type SiteEvent, type SiteFacts, type SiteState, stepSite } from './site';
import { USUAL_TIMES } from '../plan/rehearsal-times';

const MODES_HERE: readonly ModeId[] = ['dmr', 'dstar', 'c4fm', 'p25'];
const HANG_MS = 7_000;
const HOLD_MS = 4_000;
const facts = (isSimplex: boolean, kind: SiteFacts['kind'] = 'hotspot'): SiteFacts => ({
  kind,
  isSimplex,
  hangMs: () => HANG_MS,
  holdMs: kind === 'repeater' ? HOLD_MS : 0,
});

type Told = Parameters<typeof stepSite>[2];
type Draft = { after: number; kind: 'signal' | 'offer' | 'ended' | 'power'; over: number; mode: ModeId; slot: 1 | 2 };

const drafts = fc.array(
  fc.record<Draft>({
    after: fc.integer({ min: 0, max: 9_000 }),
    kind: fc.constantFrom('signal', 'signal', 'offer', 'offer', 'ended', 'ended', 'ended', 'power'),
    over: fc.integer({ min: 1, max: 4 }),
    mode: fc.constantFrom(...MODES_HERE),
    slot: fc.constantFrom(1, 2),
  }),
  { minLength: 1, maxLength: 60 },
);

interface Seen {
  event: SiteEvent;
  before: SiteState;
  after: SiteState;
}

/** Plays drafts as a driver would: an over begins once and ends once, and what is asked for comes at its time. */
function play(of: SiteFacts, list: readonly Draft[]): Seen[] {
  const seen: Seen[] = [];
  const due: SiteEvent[] = [];
  const going = new Map<number, number>();
  let state = SITE_AT_REST;
  let [nowMs, lastOver] = [0, 0];
  const put = (event: SiteEvent) => {
    const [after, effects] = stepSite(of, state, event);
    seen.push({ event, before: state, after });
    state = after;
    for (const effect of effects)
      if (effect.kind === 'look again') due.push({ atMs: effect.atMs, ...effect.event } as SiteEvent);
  };
  const putDue = (untilMs: number) => {
    for (;;) {
      const next = due.filter((one) => one.atMs <= untilMs).sort((a, b) => a.atMs - b.atMs)[0];
      if (!next) return;
      due.splice(due.indexOf(next), 1);
      put(next);
    }
  };
  for (const { after, kind, over, mode, slot } of list) {
    nowMs += after;
    putDue(nowMs);
    const air = { mode, slot: mode === 'dmr' ? slot : null, number: null };
    const id = going.get(over);
    if (kind === 'power') put({ atMs: nowMs, kind: 'power', is: state.power === 'on' ? 'off' : 'on' });
    else if (kind === 'ended' && id !== undefined) {
      going.delete(over);
      put({ atMs: nowMs, kind: 'ended', over: id });
    } else if (kind !== 'ended' && id === undefined) {
      going.set(over, (lastOver += 1));
      const foundMs = state.lock || of.kind === 'repeater' ? 0 : after % 1_500;
      put({ atMs: nowMs, over: lastOver, air, ...(kind === 'signal' ? { kind, foundMs } : { kind: 'offer' }) } as Told);
    }
  }
  putDue(nowMs + 100_000);
  return seen;
}

const sharesSlot = (a: 1 | 2 | null, b: 1 | 2 | null) => a === null || b === null || a === b;

describe('whatever happens at a site', () => {
  const each = (of: SiteFacts, holds: (seen: Seen) => void) =>
    fc.assert(
      fc.property(drafts, (list) => play(of, list).forEach(holds)),
      { numRuns: 300 },
    );

  it.each([true, false])('a hotspot is never in two modes at once (simplex: %s)', (isSimplex) => {
    each(facts(isSimplex), ({ after: { lock, uses } }) => {
      for (const use of uses) expect(use.air.mode).toBe(lock?.mode);
    });
  });
  it('it never leaves a mode while an over or its hang time lasts', () => {
    let leftAtMs = -Infinity;
    each(facts(true), ({ event, before, after }) => {
      if (event.atMs === 0 || before === SITE_AT_REST) leftAtMs = -Infinity;
      if (before.uses.length > 0 && after.uses.length === 0) leftAtMs = event.atMs;
      const leaves = before.lock !== null && after.lock?.mode !== before.lock.mode;
      if (!leaves || event.kind === 'power') return;
      expect(before.uses).toEqual([]);
      expect(event.atMs).toBe(leftAtMs + HANG_MS);
    });
  });
  it('with one frequency nothing is taken while it sends, and one thing at a time', () => {
    each(facts(true), ({ after }) => expect(after.uses.length).toBeLessThanOrEqual(1));
  });
  it('with two frequencies no slot is used twice', () => {
    each(facts(false), ({ after: { uses } }) =>
      uses.forEach((use, at) =>
        uses.slice(at + 1).forEach((other) => expect(sharesSlot(use.air.slot, other.air.slot)).toBe(false)),
      ),
    );
  });
  it('what is offered waits only for something: never beside a site that is free for it', () => {
    each(facts(true), ({ after }) => {
      if (after.power === 'on' && after.offered.length > 0) expect(after.lock).not.toBeNull();
    });
  });
  it('a repeater never locks', () => {
    each(facts(false, 'repeater'), ({ after }) => expect(after.lock).toBeNull());
  });
  it('every state is reached', () => {
    const states = new Set<string>();
    each(facts(true), ({ after }) => {
      states.add(after.power);
      states.add(after.lock === null ? 'looks' : after.lock.untilMs === null ? 'held' : 'hangs');
      if (after.offered.length > 0) states.add('waits');
      if (after.unfound.length > 0) states.add('not found yet');
      for (const use of after.uses) states.add(use.way);
    });
    expect([...states].sort()).toEqual(['hangs', 'held', 'in', 'looks', 'not found yet', 'off', 'on', 'out', 'waits']);
  });
});

it('a repeater keeps a slot for its group after an over: another group waits, the same one and a radio do not', () => {
  const of = facts(false, 'repeater');
  const air = (number: number) => ({ mode: 'dmr' as const, slot: 1 as const, number });
  const after = (...events: SiteEvent[]) =>
    events.reduce<{ state: SiteState; told: string[] }>(
      ({ state, told }, event) => {
        const [next, effects] = stepSite(of, state, event);
        return { state: next, told: [...told, ...effects.map((one) => `${event.atMs} ${one.kind}`)] };
      },
      { state: SITE_AT_REST, told: [] },
    ).told;
  const over: SiteEvent[] = [
    { atMs: 0, kind: 'offer', over: 1, air: air(588) },
    { atMs: 5_000, kind: 'ended', over: 1 },
  ];
  const other: SiteEvent = { atMs: 6_000, kind: 'offer', over: 2, air: air(599) };
  expect(after(...over, other)).toContain('6000 kept out');
  expect(after(...over, other, { atMs: 9_000, kind: 'time' })).toContain('9000 sends');
  expect(after(...over, { ...other, air: air(588) })).toContain('6000 sends');
  expect(after(...over, { atMs: 6_000, kind: 'signal', over: 3, air: air(599), foundMs: 0 })).toContain('6000 takes');
});

it('a signal is found within the round of all modes, and at once where there is one mode', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 0.999, noNaN: true }), fc.constantFrom(...MODES_HERE), (at, mode) => {
      const ms = msToFind(MODES_HERE, mode, at, USUAL_TIMES);
      expect(ms).toBeGreaterThanOrEqual(USUAL_TIMES.syncMs);
      // Common practice: 2 s wake it. At worst a round but its own turn, and two looks at the signal.
      expect(ms).toBeLessThanOrEqual((MODES_HERE.length - 1) * USUAL_TIMES.dwellMs + 2 * USUAL_TIMES.syncMs);
      expect(msToFind([mode], mode, at, USUAL_TIMES)).toBe(USUAL_TIMES.syncMs);
    }),
  );
});
