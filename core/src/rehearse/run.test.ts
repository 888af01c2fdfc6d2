import { describe, expect, it } from 'vitest';
import { all, key, talker } from '../testing/rehearsing';
import { everyMode } from '../testing/sample-every-mode';
import { recallPlan } from '../testing/sample-recall';
import { profileOf } from '../testing/profile-of';
import { MODES } from '../registries/modes';
import { edit, type Recipe } from '../plan/edit';
import { Run, type RunOptions } from './run';
import { NOBODY } from './types';

const HASK = { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' } as const;
const EVENING = { mode: 'c4fm', kind: 'room', networkId: 'rm1', roomId: 'evening' } as const;

const hang =
  (seconds: number): Recipe =>
  (plan) =>
    void (profileOf(plan, 's1').hang = { radioS: seconds, networkS: seconds });
const BASE = everyMode();
const run = (change: Recipe = () => undefined, options: Partial<RunOptions> = {}) =>
  new Run(edit(BASE, change).plan, { modes: MODES, ...options });
const atOf = (list: readonly { atMs: number }[]) => list.map((one) => one.atMs);

describe('a hotspot in time', () => {
  it('a group keyed for 2 s locks it to DMR; it looks for other modes 20 s after the last over, not before', () => {
    const it = run(hang(20));
    key(it, 'r1', 'ch-w-g1', 1_000, 2_000);
    it.runTo(60_000);
    expect(all(it, 'locked')).toMatchObject([{ siteId: 's1', mode: 'dmr' }]);
    expect(all(it, 'locked')[0]!.atMs).toBeLessThan(3_000);
    // 2 s at 1 s: over at 3 s, and 20 s of hang.
    expect(atOf(all(it, 'scanning'))).toEqual([23_000]);
    expect(all(it, 'reached')).toHaveLength(1);
  });

  it('another over within the hang time begins it anew', () => {
    const it = run(hang(20));
    key(it, 'r1', 'ch-w-g1', 1_000, 2_000);
    key(it, 'r1', 'ch-w-g1', 22_999, 2_000);
    it.runTo(60_000);
    expect(atOf(all(it, 'scanning'))).toEqual([44_999]);
    // Locked already: nothing is missed.
    expect(all(it, 'taken')[1]).toMatchObject({ atMs: 22_999, missedMs: 0 });
  });

  it('a hang time that nobody has said is the usual one', () => {
    const it = run();
    key(it, 'r1', 'ch-w-g1', 1_000, 2_000);
    it.runTo(60_000);
    expect(atOf(all(it, 'scanning'))).toEqual([23_000]);
  });

  it('takes as long as the plan says, where it says it', () => {
    const it = run((plan) => void (plan.rehearsalTimes = { hangMs: 7_000 }));
    key(it, 'r1', 'ch-w-g1', 1_000, 2_000);
    it.runTo(60_000);
    expect(atOf(all(it, 'scanning'))).toEqual([10_000]);
  });

  it('with 3 s, overs of 5 s and gaps of 4 s in a room, another mode captures it within the first gap', () => {
    const talkers = [
      talker('room', EVENING),
      // Somebody who begins on the group while the room talks, and goes on.
      talker('group', HASK, { fromMs: 2_000, overMs: 60_000, gapMs: 1_000 }),
    ];
    const change: Recipe = (plan) => {
      hang(3)(plan);
      profileOf(plan, 's1').c4fm.startRoom = 41_205;
      profileOf(plan, 's1').dmr.logins['n1']!.staticGroupIds = ['g1'];
    };
    const short = run(change, { cast: { ...NOBODY, talkers } });
    short.runTo(9_000);
    // The room’s over ends at 5 s, the hang at 8 s, before the next over at 9 s.
    expect(all(short, 'locked')).toMatchObject([
      { atMs: 0, mode: 'c4fm' },
      { atMs: 8_000, mode: 'dmr' },
    ]);
    const long = run((plan) => (change(plan), hang(20)(plan)), { cast: { ...NOBODY, talkers } });
    long.runTo(600_000);
    expect(all(long, 'locked')).toMatchObject([{ mode: 'c4fm' }]);
  });

  it('a key-up of 0.5 s while it looks for four modes is missed by some seeds, 2 s by none', () => {
    const taken = (ms: number) =>
      Array.from({ length: 200 }, (_, seed) => {
        const it = run(undefined, { seed });
        key(it, 'r1', 'ch-w-g1', 0, ms);
        it.runTo(10_000);
        return all(it, 'taken').length;
      });
    const short = taken(500);
    expect(short.filter((one) => one === 0).length).toBeGreaterThan(20);
    expect(short.filter((one) => one === 1).length).toBeGreaterThan(20);
    expect(taken(2_000).every((one) => one === 1)).toBe(true);
  });

  it('a group that was taken up sleeps 10 minutes after the last key-up, not a second before', () => {
    const it = run();
    key(it, 'r1', 'ch-w-g1', 0, 2_000);
    key(it, 'r1', 'ch-w-g1', 60_000, 3_000);
    it.runTo(63_000 + 599_999);
    expect(all(it, 'asleep')).toEqual([]);
    expect(it.linkOf('s1', 'dmr')).toMatchObject({ awake: [{ number: 417 }] });
    it.runTo(63_000 + 600_000);
    expect(all(it, 'asleep')).toMatchObject([{ siteId: 's1', state: { awake: [] } }]);
  });

  it('a command is lost while a simplex hotspot sends, always', () => {
    for (let seed = 0; seed < 50; seed += 1) {
      const it = run((plan) => void (profileOf(plan, 's1').c4fm.startRoom = 41_205), {
        seed,
        cast: { ...NOBODY, talkers: [talker('room', EVENING, { overMs: 30_000 })] },
      });
      key(it, 'r3', 'ch-w-evening-disconnect', 1_000 + seed * 500, 2_000);
      it.runTo(29_000);
      expect(all(it, 'lost').at(-1)).toMatchObject({ why: { is: 'transmitting' } });
      expect(it.linkOf('s1', 'c4fm')).toEqual({ connectedTo: '41205' });
    }
  });

  it('while it starts nothing is heard; 70 s later it is', () => {
    const it = run();
    it.act({ kind: 'power', siteId: 's1', on: false, atMs: 0 });
    it.act({ kind: 'power', siteId: 's1', on: true, atMs: 1_000 });
    key(it, 'r1', 'ch-w-g1', 30_000, 3_000);
    key(it, 'r1', 'ch-w-g1', 72_000, 3_000);
    it.runTo(80_000);
    expect(all(it, 'lost')).toMatchObject([{ why: { is: 'starting' } }]);
    expect(all(it, 'power').map(({ is, atMs }) => [is, atMs])).toEqual([
      ['off', 0],
      ['starting', 1_000],
      ['on', 71_000],
    ]);
    expect(all(it, 'reached')).toHaveLength(1);
  });
});

describe('links', () => {
  it('D-STAR: talk without a link stays, the command links after a while, the answer is heard, then talk arrives', () => {
    const it = run();
    key(it, 'r2', 'ch-w-lnk-talk', 1_000, 3_000);
    key(it, 'r2', 'ch-w-lnk-link', 10_000, 2_000);
    key(it, 'r2', 'ch-w-lnk-talk', 20_000, 3_000);
    it.runTo(30_000);
    expect(all(it, 'lost')).toMatchObject([{ why: { is: 'not linked', first: 'ch-w-lnk-link' } }]);
    expect(all(it, 'linked').at(-1)).toMatchObject({
      atMs: 14_000,
      state: { linkedTo: { reflector: 'LNK001', module: 'C' } },
    });
    // What the gateway says.
    expect(all(it, 'hears')).toMatchObject([{ radioId: 'r2', atMs: 14_000 }]);
    expect(all(it, 'reached')).toMatchObject([{ atMs: 20_000 }]);
  });

  it('a room that does not run is asked for 30 s, and the room before stays', () => {
    const it = run(undefined, { cast: { ...NOBODY, silent: [EVENING] } });
    key(it, 'r3', 'ch-w-evening', 0, 2_000);
    it.runTo(40_000);
    expect(all(it, 'not answered')).toMatchObject([{ atMs: 32_000, mode: 'c4fm' }]);
    expect(it.linkOf('s1', 'c4fm')).toEqual({ connectedTo: null });
  });

  it('the number that unlinks drops what a slot has taken up', () => {
    const it = run();
    key(it, 'r1', 'ch-w-g1', 0, 2_000);
    key(it, 'r1', 'ch-w-g2', 5_000, 2_000);
    it.runTo(10_000);
    // A second group takes the place of the first.
    expect(it.linkOf('s1', 'dmr')).toMatchObject({ awake: [{ number: 588 }] });
  });

  it('an echo comes back as long as what was said', () => {
    const it = run();
    key(it, 'r1', 'ch-w-g1', 0, 2_000);
    key(it, 'r1', 'ch-w-echo', 4_000, 3_000);
    it.runTo(20_000);
    expect(all(it, 'sends').map((one) => one.atMs)).toEqual([9_000]);
    expect(all(it, 'stops').map((one) => one.atMs)).toEqual([12_000]);
    expect(all(it, 'hears')).toMatchObject([{ radioId: 'r1', atMs: 9_000 }]);
  });
});

describe('the world at the beginning', () => {
  it('is what is linked and awake then, until it ends by itself', () => {
    const awake = [{ networkId: 'n1', slot: 2 as const, number: 417, untilMs: 90_000 }];
    const it = run(undefined, {
      world: { s1: { dmr: { awake }, c4fm: { connectedTo: '41205' } } },
      cast: { ...NOBODY, talkers: [talker('room', EVENING, { toMs: 1 })] },
    });
    it.runTo(89_999);
    expect(all(it, 'hears')).toMatchObject([{ radioId: 'r3', atMs: 0 }]);
    expect(it.linkOf('s1', 'dmr')).toEqual({ awake });
    it.runTo(90_000);
    expect(all(it, 'asleep')).toHaveLength(1);
  });
});

describe('a stored tone code', () => {
  const plan = recallPlan();
  const codes = Object.values(plan.codeplugs['r3']!.c4fm.codes.byId);
  const sent = (codeId: string, change: Recipe = () => undefined) => {
    const it = new Run(edit(plan, change).plan, { modes: MODES });
    it.act({ kind: 'choose', radioId: 'r3', channelId: 'ch-w-evening', atMs: 0 });
    it.act({ kind: 'send code', radioId: 'r3', codeId, atMs: 1_000 });
    it.runTo(30_000);
    return it;
  };
  it('recalls the profile of its slot', () => {
    const code = codes.find((one) => one.recalls?.slotId === 'slot2')!;
    expect(all(sent(code.id), 'profile').at(-1)).toMatchObject({ siteId: 's1', profileId: 'only-dmr' });
  });
  it('that no slot has recalls nothing, and says so', () => {
    const code = codes.find((one) => one.recalls?.slotId === 'slot2')!;
    const it = sent(code.id, (draft) => void (draft.codeplugs['r3']!.c4fm.codes.byId[code.id]!.code = '999'));
    expect(all(it, 'profile')).toEqual([]);
    expect(all(it, 'lost').at(-1)).toMatchObject({ why: { is: 'unknown code' } });
  });
});

it('the same seed gives the same run; another may not', () => {
  const talkers = [talker('room', EVENING, { varies: 0.5 }), talker('group', HASK, { varies: 0.5 })];
  const of = (seed: number) => {
    const it = run((plan) => void (profileOf(plan, 's1').c4fm.startRoom = 41_205), {
      seed,
      cast: { ...NOBODY, talkers },
    });
    key(it, 'r1', 'ch-w-g1', 3_000, 700);
    it.runTo(120_000);
    return it.happened;
  };
  expect(of(3)).toEqual(of(3));
  expect(of(3)).not.toEqual(of(4));
});
