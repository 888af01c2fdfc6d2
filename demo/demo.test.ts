import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { propose } from '@relay/core/build/build';
import { runSheet } from '@relay/core/run-sheet/run-sheet';
import { validatePlan } from '@relay/core/plan/validate';
import { DEMO_PLANS } from './ostrey-isles';

describe('the demo', () => {
  it.each(Object.keys(DEMO_PLANS))('%s is a sound plan with nothing real in it', (key) => {
    const plan = DEMO_PLANS[key]!();
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    expect(plan.station.callSign).toMatch(/^Q/);
    expect(JSON.stringify(plan).match(/"(dmrId|id)":(\d{7})/g)!.every((text) => text.includes(':999'))).toBe(true);
  });

  it('Ostrey Isles has twelve paths, all whole, and nothing to build', () => {
    const plan = DEMO_PLANS['ostrey-isles']!();
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 12, doubtful: 0, broken: 0 }, findings: [] });
    expect(propose(plan)).toEqual([]);
    expect(runSheet(plan).map((step) => step.id)).toEqual(['identity', 'hotspot-home', 'login-home-lantern', 'radio-handheld', 'echo-handheld']);
  });

  it('Inherited disagrees in five ways', () => {
    const { findings } = agreementOf(DEMO_PLANS['inherited']!());
    expect(findings.map((finding) => finding.check).sort()).toEqual(['call-kind-differs', 'color-code-differs', 'frequency-differs', 'radio-id-differs', 'slot-on-simplex']);
  });
});
