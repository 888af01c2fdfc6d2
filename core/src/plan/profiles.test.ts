import { describe, expect, it } from 'vitest';
import { samplePlan } from '../testing/sample-plan';
import { edit, editByPatches } from './edit';
import { dropMode, switchMode } from './hotspot';
import { editProfile, effectiveProfile, profilePointer, profilesOf, switchPatch } from './profiles';
import { listensFor, setPair } from './carriage';
import { putRow, removeRow } from './table';
import type { Plan, Profile, ProfileValues } from './types';
import { validatePlan } from './validate';

/** A hotspot with a second profile for travelling, above the base that all plans have. */
function travelling(set: Partial<ProfileValues>, active = true): Plan {
  const made = samplePlan((plan) => {
    const site = plan.sites.byId['s1']!;
    putRow(plan.profiles, { id: 'away', siteId: 's1', name: 'Away', baseId: 's1', set } satisfies Profile);
    if (site.kind === 'hotspot' && active) site.activeProfileId = 'away';
  });
  // Not frozen, as an edit leaves it.
  return structuredClone(made);
}

const base = (plan: Plan) => plan.profiles.byId['s1']!.set as ProfileValues;

describe('what a profile comes to', () => {
  it('is its own values above those of its base', () => {
    const plan = travelling({ standby: true });
    expect(validatePlan(plan).problems).toEqual([]);
    expect(effectiveProfile(plan, 's1')).toEqual({ ...base(plan), standby: true });
    expect(effectiveProfile(plan, 's1', 's1')).toEqual(base(plan));
    expect(effectiveProfile(travelling({ standby: true }, false), 's1')!.standby).toBe(false);
    expect(profilesOf(plan, 's1').map((one) => one.name)).toEqual(['Base', 'Away']);
  });

  it('follows the base in what it does not set', () => {
    const plan = travelling({ standby: true });
    base(plan).location = { lat: 46.7, lon: -33.4, publish: false };
    expect(effectiveProfile(plan, 's1')!.location).toEqual({ lat: 46.7, lon: -33.4, publish: false });
  });

  it('switches pairs of modes on and off, and cannot say that the hotspot can do more', () => {
    const pair = { air: 'dmr', network: 'c4fm', on: true } as const;
    const able = (plan: Plan) =>
      effectiveProfile(plan, 's1')!.carriage.find((one) => one.air === 'dmr' && one.network === 'c4fm');
    expect(able(travelling({ carriage: [{ ...pair, able: true }] }))).toEqual({ ...pair, able: false });
    const can = travelling({ carriage: [{ ...pair, able: false }] });
    setPair(base(can), 'dmr', 'c4fm', { able: true });
    expect(able(can)).toEqual({ ...pair, able: true });
  });

  it('has every pair of its base: what a profile does not name follows it', () => {
    const plan = travelling({ carriage: [{ air: 'dmr', network: 'dmr', able: true, on: false }] });
    const cross = () =>
      effectiveProfile(plan, 's1')!.carriage.find((one) => one.network === 'c4fm' && one.air === 'dmr');
    for (const on of [true, false]) {
      setPair(base(plan), 'dmr', 'c4fm', { able: true, on });
      expect(cross()).toMatchObject({ able: true, on });
    }
    expect(effectiveProfile(plan, 's1')!.carriage[0]).toMatchObject({ air: 'dmr', network: 'dmr', on: false });
  });

  it('is nothing for a site that has none, or for another hotspot’s profile', () => {
    const plan = travelling({});
    expect(effectiveProfile(plan, 'nowhere')).toBeNull();
    expect(effectiveProfile(plan, 's1', 'nowhere')).toBeNull();
    plan.profiles.byId['away']!.siteId = 'other';
    expect(effectiveProfile(plan, 's1', 'away')).toBeNull();
  });
});

describe('a change of settings', () => {
  it('is written to the profile that runs, and only what differs from its base', () => {
    const before = travelling({});
    const { plan, patches } = edit(before, (draft) =>
      editProfile(draft, 's1', (values) => void (values.standby = true)),
    );
    expect(plan.profiles.byId['away']!.set).toEqual({ standby: true });
    expect(base(plan)).toEqual(base(before));
    expect(patches.map((one) => one.path)).toEqual(['/profiles/byId/away/set/standby']);
  });

  it('deep in a block sets that value alone, and leaves the base as it is', () => {
    const before = travelling({});
    const { plan } = edit(before, (draft) =>
      editProfile(draft, 's1', ({ dmr }) => void (dmr.logins['n1']!.suffix = 44)),
    );
    expect(plan.profiles.byId['away']!.set).toEqual({ dmr: { logins: { n1: { suffix: 44 } } } });
    expect([effectiveProfile(plan, 's1')!.dmr.logins['n1']!.suffix, base(plan).dmr.logins['n1']!.suffix]).toEqual([
      44,
      base(before).dmr.logins['n1']!.suffix,
    ]);
  });

  it('in what the hotspot can do is written to the base, and what is on to the profile that runs', () => {
    const before = travelling({});
    const able = edit(before, (draft) =>
      editProfile(draft, 's1', (values) => setPair(values, 'dmr', 'c4fm', { able: true })),
    ).plan;
    const pair = { air: 'dmr', network: 'c4fm' } as const;
    expect([base(able).carriage.at(-1), able.profiles.byId['away']!.set]).toEqual([
      { ...pair, able: true, on: false },
      {},
    ]);
    const on = edit(able, (draft) =>
      editProfile(draft, 's1', (values) => setPair(values, 'dmr', 'c4fm', { on: true })),
    ).plan;
    expect(base(on).carriage.at(-1)).toEqual({ ...pair, able: true, on: false });
    expect(effectiveProfile(on, 's1')!.carriage.at(-1)).toEqual({ ...pair, able: true, on: true });
  });

  it('of a mode that was not there yet works in the profile that runs', () => {
    const { plan } = edit(travelling({}), (draft) => switchMode(draft, 's1', 'p25', true));
    expect(validatePlan(plan).problems).toEqual([]);
    expect([listensFor(effectiveProfile(plan, 's1')!, 'p25'), listensFor(base(plan), 'p25')]).toEqual([true, false]);
    const { plan: gone } = edit(plan, (draft) => dropMode(draft, 's1', 'p25'));
    expect(validatePlan(gone).problems).toEqual([]);
    expect(listensFor(effectiveProfile(gone, 's1')!, 'p25')).toBe(false);
  });

  it('by one patch switches a pair, also one that the profile does not name', () => {
    const plan = travelling({ carriage: [{ air: 'dmr', network: 'dmr', able: true, on: true }] });
    setPair(base(plan), 'dmr', 'c4fm', { able: true });
    for (const [air, network, on] of [
      ['dmr', 'c4fm', true],
      ['dmr', 'dmr', false],
    ] as const) {
      const { plan: next } = editByPatches(plan, [switchPatch(plan, 's1', { air, network }, on)]);
      expect(validatePlan(next).problems).toEqual([]);
      expect(
        effectiveProfile(next, 's1')!.carriage.find((one) => one.air === air && one.network === network),
      ).toMatchObject({ able: true, on });
    }
    const inBase = editByPatches(travelling({}), [
      switchPatch(travelling({}), 's1', { air: 'dmr', network: 'dmr' }, false),
    ]).plan;
    expect(listensFor(base(inBase), 'dmr')).toBe(false);
  });

  it('of a base is written to it', () => {
    const { plan, patches } = edit(samplePlan(), (draft) =>
      editProfile(draft, 's1', (values) => void (values.standby = true)),
    );
    expect([base(plan).standby, patches.length]).toEqual([true, 1]);
  });

  it('has its place where the value stands: in the profile, or in its base', () => {
    const plan = travelling({ standby: true });
    expect([profilePointer(plan, 's1', 'standby'), profilePointer(plan, 's1', 'location')]).toEqual([
      '/profiles/byId/away/set/standby',
      '/profiles/byId/s1/set/location',
    ]);
    expect(() => profilePointer(plan, 'nowhere', 'standby')).toThrow('The plan has no hotspot “nowhere”.');
  });

  it('is refused for a site that has no profile', () => {
    expect(() => edit(samplePlan(), (draft) => editProfile(draft, 'nowhere', () => undefined))).toThrow('nowhere');
  });

  it('of profiles goes with their hotspot', () => {
    const { plan } = edit(travelling({}), (draft) => removeRow(draft.sites, 's1'));
    expect(plan.profiles.order).toEqual([]);
  });
});

describe('a plan with profiles that do not hold together', () => {
  it.each<[string, (plan: Plan) => void, string]>([
    [
      'no profile of the hotspot runs',
      (plan) => void Object.assign(plan.sites.byId['s1']!, { activeProfileId: 'gone' }),
      '/sites/byId/s1/activeProfileId',
    ],
    ['a base that is gone', (plan) => void (plan.profiles.byId['away']!.baseId = 'gone'), '/profiles/byId/away/baseId'],
    [
      'a base that has one itself',
      (plan) => putRow(plan.profiles, { id: 'third', siteId: 's1', name: 'Third', baseId: 'away', set: {} }),
      '/profiles/byId/third/baseId',
    ],
  ])('%s', (_, change, pointer) => {
    const plan = travelling({});
    change(plan);
    expect(validatePlan(plan).problems.map((one) => one.pointer)).toContain(pointer);
  });
});
