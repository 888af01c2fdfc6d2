import { describe, expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { effectiveProfile } from '../plan/profiles';
import { MODES, planIndex } from '../registries/modes';
import { profileOf } from '../testing/profile-of';
import { all, key, talker } from '../testing/rehearsing';
import { everyMode } from '../testing/sample-every-mode';
import { differencesOf } from './differences';
import { Run } from './run';
import { tryPlan } from './tries';
import { NOBODY } from './types';

const EVENING = { mode: 'c4fm', kind: 'room', networkId: 'rm1', roomId: 'evening' } as const;
const linked = everyMode((plan) => {
  const profile = profileOf(plan, 's1');
  profile.c4fm.startRoom = 41_205;
  profile.hang = { radioS: 3, networkS: 3 };
});

describe('one setting changed', () => {
  it('the hang time of every hotspot', () => {
    const own = edit(
      linked,
      (draft) => void (profileOf(draft, 's1').modeHang.dmr = { radioS: 4, networkS: null }),
    ).plan;
    const { hang, modeHang } = effectiveProfile(tryPlan(own, MODES, { set: 'hang', seconds: 25 }), 's1')!;
    expect({ hang, dmr: modeHang.dmr }).toEqual({ hang: { radioS: 25, networkS: 25 }, dmr: null });
  });
  it('nothing linked at start, in any mode', () => {
    const plan = tryPlan(linked, MODES, { set: 'links' });
    expect(effectiveProfile(plan, 's1')!.c4fm.startRoom).toBeNull();
    const run = new Run(plan, { modes: MODES, cast: { ...NOBODY, talkers: [talker('room', EVENING)] } });
    run.runTo(30_000);
    expect(all(run, 'locked')).toEqual([]);
  });
  it.each([
    [true, 'color-code-free'],
    [false, 'always'],
  ] as const)('who waits for a free channel: %s', (waits, admit) => {
    const channel = tryPlan(linked, MODES, { set: 'waits', waits }).codeplugs['r1']!.channels.byId['ch-w-g1']!;
    expect(channel.mode === 'dmr' && channel.dmr.admit).toBe(admit);
  });
});

describe('two runs', () => {
  const told = (plan: typeof linked) => {
    const run = new Run(plan, { modes: MODES });
    key(run, 'r1', 'ch-w-g1', 1_000, 2_000);
    run.runTo(60_000);
    const telling = { index: planIndex(plan), modes: MODES, callSigns: new Map(), overs: run.overs };
    return { happened: run.happened, telling };
  };
  it('that are the same have nothing apart', () => {
    expect(differencesOf(told(linked), told(linked))).toEqual({ only: [], instead: [] });
  });
  it('are told by what either has alone', () => {
    expect(differencesOf(told(linked), told(tryPlan(linked, MODES, { set: 'hang', seconds: 25 })))).toEqual({
      only: ['0:06.0 Home looks for any mode again'],
      instead: ['0:28.0 Home looks for any mode again'],
    });
  });
});
