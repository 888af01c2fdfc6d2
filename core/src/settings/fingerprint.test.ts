import { expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { copyProfile, runProfile } from '../plan/profile-acts';
import type { Plan } from '../plan/types';
import { channelOf, samplePlan } from '../testing/sample-plan';
import { profileOf } from '../testing/profile-of';
import { fingerprintOf } from './fingerprint';

const of = (plan: Plan) => fingerprintOf(plan, 's1');
const after = (recipe: (draft: Plan) => void) => of(edit(samplePlan(), recipe).plan);

it('is the same while nothing of the hotspot is changed, whatever the order of keys', () => {
  const plan = samplePlan();
  expect(of(plan)).toMatch(/^[0-9a-f]{16}$/);
  const turned = structuredClone(plan);
  turned.sites.byId['s1'] = Object.fromEntries(Object.entries(plan.sites.byId['s1']!).reverse()) as never;
  expect(of(turned)).toBe(of(plan));
  expect(after((draft) => void (channelOf(draft, 'g1').name = 'Other'))).toBe(of(plan));
  // Keeping a copy is no change, nor is running what is stored.
  expect(after((draft) => Object.assign(draft.sites.byId['s1']!, { backup: { on: '2026-11-01', of: 'x' } }))).toBe(
    of(plan),
  );
  const two = edit(plan, (draft) => copyProfile(draft, 's1', 'away', 'Away')).plan;
  expect(of(edit(two, (draft) => runProfile(draft, 's1', 'away')).plan)).toBe(of(two));
});

it.each<[string, (draft: Plan) => void]>([
  ['its frequency', (draft) => void (profileOf(draft, 's1').frequencies = { rxHz: 1, txHz: 1 })],
  ['its color code', (draft) => void (draft.sites.byId['s1']!.dmr!.colorCode = 3)],
  ['a hang time', (draft) => void (profileOf(draft, 's1').hang.radioS = 20)],
  ['a profile more', (draft) => copyProfile(draft, 's1', 'away', 'Away')],
  ['the call sign', (draft) => void (draft.station.callSign = 'QO4TAM')],
  ['a password that is gone', (draft) => void (profileOf(draft, 's1').dmr.logins['n1']!.password = '')],
])('is another after %s', (_, recipe) => {
  expect(after(recipe)).not.toBe(of(samplePlan()));
});

it('does not tell one password from another: the text may be shown', () => {
  expect(after((draft) => void (profileOf(draft, 's1').dmr.logins['n1']!.password = 'another'))).toBe(of(samplePlan()));
});
