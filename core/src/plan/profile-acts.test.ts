import { describe, expect, it } from 'vitest';
import { samplePlan } from '../testing/sample-plan';
import { edit } from './edit';
import { asIfRunning, copyProfile, removeProfile, runProfile } from './profile-acts';
import { editProfile, effectiveProfile, profilesOf } from './profiles';
import type { Hotspot, Plan } from './types';
import { validatePlan } from './validate';

/** A base and two profiles above it, each with something of its own. */
const three = (): Plan =>
  edit(
    samplePlan((plan) => {
      copyProfile(plan, 's1', 'away', 'Away');
      editProfile(plan, 's1', (values) => void (values.frequencies = { rxHz: 438_800_000, txHz: 438_800_000 }), 'away');
      editProfile(plan, 's1', ({ dmr }) => void (dmr.logins['n1']!.suffix = 44), 'away');
    }),
    (plan) => {
      copyProfile(plan, 'away', 'boat', 'Boat');
      editProfile(plan, 's1', (values) => void (values.powerPercent = 10), 'boat');
    },
  ).plan;

const values = (plan: Plan, id: string) => effectiveProfile(plan, 's1', id)!;
const hotspot = (plan: Plan) => plan.sites.byId['s1'] as Hotspot;

describe('profiles of a hotspot', () => {
  it('are copied with what they set themselves, above the same base', () => {
    const plan = three();
    expect(validatePlan(plan).problems).toEqual([]);
    expect(profilesOf(plan, 's1').map(({ id, baseId }) => [id, baseId])).toEqual([
      ['s1', null],
      ['away', 's1'],
      ['boat', 's1'],
    ]);
    expect(values(plan, 'boat')).toEqual({ ...values(plan, 'away'), powerPercent: 10 });
  });

  it('come to what they came to when their base is removed', () => {
    const before = three();
    const { plan } = edit(before, (draft) => removeProfile(draft, 's1'));
    expect(validatePlan(plan).problems).toEqual([]);
    expect(profilesOf(plan, 's1').map(({ id, baseId, set }) => [id, baseId, Object.keys(set).length])).toEqual([
      ['away', null, Object.keys(values(before, 's1')).length],
      ['boat', 'away', 1],
    ]);
    for (const id of ['away', 'boat']) expect(values(plan, id)).toEqual(values(before, id));
    expect([hotspot(plan).activeProfileId, hotspot(plan).txHz]).toEqual(['away', 438_800_000]);
  });

  it('leave the hotspot on another when the one that runs is removed; the last one stays', () => {
    const away = edit(three(), (draft) => runProfile(draft, 's1', 'away')).plan;
    expect(hotspot(away).txHz).toBe(438_800_000);
    const gone = edit(away, (draft) => removeProfile(draft, 'away')).plan;
    expect([hotspot(gone).activeProfileId, hotspot(gone).txHz]).toEqual(['s1', 439_125_000]);
    const alone = samplePlan();
    expect(edit(alone, (draft) => removeProfile(draft, 's1')).plan).toBe(alone);
  });

  it('can be looked at as if they ran, with nothing else changed', () => {
    const plan = three();
    const seen = asIfRunning(plan, 's1', 'away');
    expect(seen).toEqual(edit(plan, (draft) => runProfile(draft, 's1', 'away')).plan);
    expect(hotspot(plan).activeProfileId).toBe('s1');
    expect(seen.codeplugs).toBe(plan.codeplugs);
  });
});
