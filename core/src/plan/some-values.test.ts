/** Settings of which only some are named: what they come to does not hang on the order in which they were said. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { profileOf } from '../testing/profile-of';
import { samplePlan } from '../testing/sample-plan';
import { routedPlan } from '../testing/sample-routes';
import { setPair } from './carriage';
import { edit } from './edit';
import { newLogin } from './modes/dmr/blanks';
import { editProfile, effectiveProfile, isOwn, ownPaths, setBack, takeOver } from './profiles';
import { putRow } from './table';
import type { Plan, ProfileValues } from './types';
import { validatePlan } from './validate';

/** Two profiles at the hotspot of the sample: its base, which runs, and one above it. */
const twoProfiles = (make = samplePlan): Plan =>
  make((plan) => putRow(plan.profiles, { id: 'away', siteId: 's1', name: 'Away', baseId: 's1', set: {} }));

/** Changes of one setting each: what is set, and how. Different names touch different settings. */
const CHANGES: Readonly<Record<string, (values: ProfileValues) => void>> = {
  power: (values) => void (values.powerPercent = 20),
  offset: (values) => void (values.rxOffsetHz = -475),
  frequency: (values) => void (values.frequencies = { rxHz: 438_800_000, txHz: 438_800_000 }),
  standby: (values) => void (values.standby = true),
  hang: (values) => void (values.hang = { radioS: 20, networkS: 20 }),
  'hang of DMR': (values) => void (values.modeHang.dmr = { radioS: 5, networkS: null }),
  'hang of P25': (values) => void (values.modeHang.p25 = { radioS: null, networkS: 9 }),
  suffix: (values) => void (values.dmr.logins['n1']!.suffix = 44),
  password: (values) => void (values.dmr.logins['n1']!.password = 'practice-only-2'),
  statics: (values) => void (values.dmr.logins['n1']!.staticGroupIds = ['g1']),
  selection: ({ dmr }) => void (dmr.selection = dmr.selection === 'one' ? 'several' : 'one'),
  rules: (values) => void (values.dmr.rules = { byId: {}, order: [] }),
  room: (values) => void (values.c4fm.startRoom = 41_205),
  link: (values) => void (values.dstar.startLink = { reflector: 'LNK001', module: 'C' }),
  group: (values) => void (values.p25.startGroup = 7713),
  cross: (values) => setPair(values, 'dmr', 'c4fm', { on: true }),
  'DMR off': (values) => setPair(values, 'dmr', 'dmr', { on: false }),
  place: (values) => void (values.location = { lat: 46.7, lon: -33.4, publish: false }),
  wifi: (values) =>
    void (values.wifi = {
      byId: { w: { id: 'w', place: 'phone', name: 'Pocket', password: 'practice-only' } },
      order: ['w'],
    }),
};
const NAMES = Object.keys(CHANGES);

const change = (plan: Plan, profileId: string, name: string) =>
  edit(plan, (draft) => editProfile(draft, 's1', CHANGES[name]!, profileId)).plan;

describe('settings above a base', () => {
  it('come to the same in any order of edits, to the profile and to its base', () => {
    const edits = fc.uniqueArray(fc.record({ name: fc.constantFrom(...NAMES), inBase: fc.boolean() }), {
      selector: (one) => one.name,
    });
    fc.assert(
      fc.property(
        edits.chain((list) => fc.tuple(fc.constant(list), fc.shuffledSubarray(list, { minLength: list.length }))),
        ([one, other]) => {
          const [here, there] = [one, other].map((list) =>
            list.reduce((plan, { name, inBase }) => change(plan, inBase ? 's1' : 'away', name), twoProfiles()),
          );
          expect(effectiveProfile(here!, 's1', 'away')).toEqual(effectiveProfile(there!, 's1', 'away'));
          expect(effectiveProfile(here!, 's1', 's1')).toEqual(effectiveProfile(there!, 's1', 's1'));
          expect(validatePlan(here).problems).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });

  it.each(NAMES)('%s: is set in the profile, taken back, and then follows the base again', (name) => {
    const before = twoProfiles(routedPlan);
    const set = change(before, 'away', name);
    const own = ownPaths(set.profiles.byId['away']!);
    expect(own.length).toBeGreaterThan(0);
    expect(effectiveProfile(set, 's1', 's1')).toEqual(effectiveProfile(before, 's1', 's1'));
    expect(effectiveProfile(set, 's1', 'away')).not.toEqual(effectiveProfile(before, 's1', 'away'));
    const back = edit(set, (draft) => {
      for (const path of own) setBack(draft, 'away', path);
    }).plan;
    expect(back.profiles.byId['away']!.set).toEqual({});
    const followed = change(back, 's1', name);
    expect(effectiveProfile(followed, 's1', 'away')).toEqual(effectiveProfile(followed, 's1', 's1'));
  });

  it('taken over stays as it is when the base changes', () => {
    for (const [path, name] of [
      [['dmr', 'logins', 'n1', 'suffix'], 'suffix'],
      [['modeHang', 'dmr'], 'hang of DMR'],
      [['powerPercent'], 'power'],
    ] as const) {
      const taken = edit(twoProfiles(), (draft) => takeOver(draft, 'away', path)).plan;
      expect([isOwn(taken.profiles.byId['away']!, path), ownPaths(taken.profiles.byId['away']!)]).toEqual([
        true,
        [[...path]],
      ]);
      const was = effectiveProfile(taken, 's1', 'away');
      expect(effectiveProfile(change(taken, 's1', name), 's1', 'away')).toEqual(was);
    }
  });

  it('name parts of a login that its base has no more, and fill the rest with what is usual', () => {
    const plan = change(twoProfiles(), 'away', 'suffix');
    const without = edit(plan, (draft) => void delete profileOf(draft, 's1').dmr.logins['n1']).plan;
    expect(effectiveProfile(without, 's1', 'away')!.dmr.logins['n1']).toEqual({
      ...newLogin(),
      enabled: false,
      suffix: 44,
    });
    expect(validatePlan(without).problems).toEqual([]);
  });

  it('a hotspot is on what the profile that it runs sets, and what moves it is written there', () => {
    const moved = change(twoProfiles(), 'away', 'frequency');
    expect(moved.sites.byId['s1']!.txHz).toBe(439_125_000);
    const run = edit(moved, (draft) => void Object.assign(draft.sites.byId['s1']!, { activeProfileId: 'away' })).plan;
    expect(run.sites.byId['s1']!.txHz).toBe(438_800_000);
    const byHand = edit(run, (draft) => {
      Object.assign(draft.sites.byId['s1']!, { rxHz: 431_100_000, txHz: 431_100_000 });
    });
    expect(byHand.plan.profiles.byId['away']!.set).toEqual({ frequencies: { rxHz: 431_100_000, txHz: 431_100_000 } });
    const home = edit(byHand.plan, (draft) => void Object.assign(draft.sites.byId['s1']!, { activeProfileId: 's1' }));
    expect(home.plan.sites.byId['s1']!.txHz).toBe(439_125_000);
    expect(
      edit(home.plan, (draft) => void setBack(draft, 'away', ['frequencies'])).plan.profiles.byId['away']!.set,
    ).toEqual({});
  });
});
