/** A hotspot that runs a profile above its base: what it does not set is the base's, in verdicts, findings and fixes. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hotspotsOf } from '../plan/sites';
import { edit, editByPatches } from '../plan/edit';
import { editProfile, effectiveProfile } from '../plan/profiles';
import { putRow } from '../plan/table';
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { agreementOf } from './agreement';

/** The same plan with a profile that sets nothing, and runs, at every hotspot. */
function inheriting(plan: Plan): Plan {
  return edit(plan, (draft) => {
    for (const site of hotspotsOf(draft)) {
      const id = `${site.id}-above`;
      putRow(draft.profiles, { id, siteId: site.id, name: 'Above', baseId: site.activeProfileId, set: {} });
      draft.sites.byId[site.id] = { ...site, activeProfileId: id };
    }
  }).plan;
}

describe('a profile above a base', () => {
  it('that sets nothing changes nothing', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const above = inheriting(plan);
        expect(validatePlan(above).problems).toEqual([]);
        const [here, there] = [agreementOf(above), agreementOf(plan)];
        const plain = ({ findings, ...rest }: typeof here) => ({
          ...rest,
          findings: findings.map(({ fixes, ...one }) => ({ ...one, fixes: fixes.length })),
        });
        expect(plain(here)).toEqual(plain(there));
        // A fix may be written into the profile that runs or into its base: what it comes to is the same.
        here.findings.forEach(({ fixes }, at) =>
          fixes.forEach(({ patches }, place) => {
            const [mine, theirs] = [
              editByPatches(above, patches).plan,
              editByPatches(plan, there.findings[at]!.fixes[place]!.patches).plan,
            ];
            for (const site of hotspotsOf(theirs))
              expect(effectiveProfile(mine, site.id)).toEqual(effectiveProfile(theirs, site.id));
            expect(mine.codeplugs).toEqual(theirs.codeplugs);
          }),
        );
      }),
      { numRuns: 25 },
    );
  });

  it('that sets all its base sets comes to the same verdicts, and its fixes mend in it', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const above = edit(inheriting(plan), (draft) => {
          for (const site of hotspotsOf(draft)) {
            const values = JSON.parse(JSON.stringify(effectiveProfile(draft, site.id))) as object;
            draft.profiles.byId[site.activeProfileId]!.set = values;
          }
        }).plan;
        const [here, there] = [agreementOf(above), agreementOf(plan)];
        expect(here.channels).toEqual(there.channels);
        expect(here.findings.map((one) => one.what)).toEqual(there.findings.map((one) => one.what));
        for (const { fixes } of here.findings) {
          for (const { patches } of fixes)
            expect(validatePlan(editByPatches(above, patches).plan).problems).toEqual([]);
        }
      }),
      { numRuns: 15 },
    );
  });

  it('takes a change of settings, and the base stays as it is', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const above = inheriting(plan);
        for (const site of hotspotsOf(above)) {
          const changed = edit(above, (draft) =>
            editProfile(draft, site.id, (one) => void (one.standby = !one.standby)),
          ).plan;
          expect(effectiveProfile(changed, site.id)!.standby).toBe(!effectiveProfile(above, site.id)!.standby);
          expect(effectiveProfile(changed, site.id, site.id)).toEqual(effectiveProfile(above, site.id, site.id));
        }
      }),
      { numRuns: 10 },
    );
  });
});
