/** Runs by model: whatever is done when, what must never happen does not. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { MODES } from '../registries/modes';
import { talker } from '../testing/rehearsing';
import { profileOf } from '../testing/profile-of';
import { everyMode } from '../testing/sample-every-mode';
import { Run } from './run';
import { type Act, NOBODY } from './types';

const PLAN = everyMode((plan) => {
  const profile = profileOf(plan, 's1');
  profile.c4fm.startRoom = 41_205;
  profile.dmr.logins['n1']!.staticGroupIds = ['g1'];
  profile.hang = { radioS: 4, networkS: 6 };
  setPair(profile, 'c4fm', 'dmr', { able: true, on: true });
});
const CHANNELS = PLAN.radios.order.flatMap((radioId) =>
  PLAN.codeplugs[radioId]!.channels.order.map((channelId) => ({ radioId, channelId })),
);
const atMs = fc.integer({ min: 0, max: 120_000 });
const act = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({ atMs, kind: fc.constant('key down' as const), on: fc.constantFrom(...CHANNELS) }),
  },
  { weight: 5, arbitrary: fc.record({ atMs, kind: fc.constant('key up' as const), on: fc.constantFrom(...CHANNELS) }) },
  {
    weight: 1,
    arbitrary: fc.record({
      atMs,
      kind: fc.constantFrom('choose' as const, 'squelch' as const, 'sleep' as const),
      on: fc.constantFrom(...CHANNELS),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      atMs,
      kind: fc.constantFrom('off' as const, 'cut' as const, 'on' as const),
      on: fc.constantFrom(...CHANNELS),
    }),
  },
);
type Draft = typeof act extends fc.Arbitrary<infer T> ? T : never;

function actOf({ atMs: at, kind, on }: Draft): Act {
  switch (kind) {
    case 'key down':
    case 'choose':
      return { kind, atMs: at, ...on };
    case 'key up':
      return { kind, atMs: at, radioId: on.radioId };
    case 'squelch':
      return { kind, atMs: at, radioId: on.radioId, open: at % 2 === 0 };
    case 'sleep':
      return { kind, atMs: at, radioId: on.radioId, asleep: at % 2 === 0 };
    default:
      return { kind: 'power', atMs: at, siteId: 's1', on: kind === 'on', cut: kind === 'cut' };
  }
}

function ran(plan: Plan, drafts: readonly Draft[], seed: number): Run {
  const talkers = [
    talker('room', { mode: 'c4fm', kind: 'room', networkId: 'rm1', roomId: 'evening' }, { varies: 0.8 }),
    talker(
      'other',
      { mode: 'c4fm', kind: 'room', networkId: 'rm1', roomId: 'evening' },
      { fromMs: 2_000, toMs: 30_000 },
    ),
    talker('group', { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' }, { varies: 0.8, gapMs: 11_000 }),
  ];
  const networks = { n1: { delayMs: 400, loss: 0.2 } };
  const run = new Run(plan, { modes: MODES, seed, cast: { ...NOBODY, talkers, networks } });
  for (const draft of drafts) run.act(actOf(draft));
  run.runTo(200_000);
  return run;
}

const each = (holds: (run: Run) => void) =>
  fc.assert(
    fc.property(fc.array(act, { maxLength: 40 }), fc.integer({ min: 0, max: 1_000 }), (drafts, seed) =>
      holds(ran(PLAN, drafts, seed)),
    ),
    { numRuns: 60 },
  );

describe('whatever is done when', () => {
  it('time never goes back', () => {
    each(({ happened, moments }) => {
      for (const list of [happened, moments])
        list.forEach((one, at) => at > 0 && expect(one.atMs).toBeGreaterThanOrEqual(list[at - 1]!.atMs));
    });
  });
  it('no hotspot is in two modes, nor sends and hears at once on one frequency', () => {
    each(({ moments }) => {
      for (const moment of moments) {
        if (moment.is !== 'site' || moment.id !== 's1') continue;
        const { lock, uses } = moment.state;
        expect(uses.length).toBeLessThanOrEqual(1);
        for (const use of uses) expect(use.air.mode).toBe(lock?.mode);
      }
    });
  });
  it('no radio hears while it sends or sleeps', () => {
    each(({ moments }) => {
      for (const moment of moments)
        if (moment.is === 'radio' && (moment.state.sending || moment.state.asleep))
          expect(moment.state.hearing).toBeNull();
    });
  });
  it('at a place one talks at a time', () => {
    each(({ happened }) => {
      const talking = new Map<string, number>();
      for (const one of happened) {
        if (one.kind === 'talks' || one.kind === 'reached') {
          expect(talking.has(one.place)).toBe(false);
          talking.set(one.place, one.over);
        } else if (one.kind === 'ended' || (one.kind === 'lost' && one.lane.is === 'site') || one.kind === 'stops')
          for (const [place, over] of talking) if (over === one.over) talking.delete(place);
      }
    });
  });
  it('every over that a radio sends is lost, taken, or radio to radio; and ends once', () => {
    each(({ happened, overs }) => {
      const ends = happened.filter((one) => one.kind === 'ended').map((one) => one.over);
      expect(new Set(ends).size).toBe(ends.length);
      for (const one of happened)
        if (one.kind === 'released') {
          const mine = happened.filter((other) => 'over' in other && other.over === one.over);
          const isMet = mine.some(({ kind }) => kind === 'taken' || kind === 'lost');
          expect(isMet || overs.get(one.over)!.traced!.context.site === null).toBe(true);
        }
    });
  });
});

describe('a network', () => {
  const group = { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' } as const;
  const once = talker('once', group, { overMs: 5_000, toMs: 1 });
  const of = (delayMs: number, loss: number) => {
    const run = new Run(PLAN, {
      modes: MODES,
      cast: { ...NOBODY, talkers: [once], networks: { n1: { delayMs, loss } } },
    });
    run.runTo(30_000);
    return run.happened;
  };
  it('delays what it carries, at both ends of an over', () => {
    const at = (kind: 'sends' | 'stops') => of(700, 0).find((one) => one.kind === kind)!.atMs;
    expect([at('sends'), at('stops')]).toEqual([700, 5_700]);
  });
  it('loses all of it, or nothing', () => {
    expect(of(0, 1).some(({ kind }) => kind === 'sends')).toBe(false);
    expect(of(0, 1)).toContainEqual(expect.objectContaining({ kind: 'lost', why: { is: 'network loss' } }));
    expect(of(0, 0).some(({ kind }) => kind === 'lost')).toBe(false);
  });
});
