/** What a checker is worth: no false alarm on what is right, and each common fault seen, named and mended. */
import { describe, expect, it } from 'vitest';
import type { Finding } from '../checks/check';
import { editByPatches } from '../plan/edit';
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { explained } from '../registries/checks';
import { planIndex } from '../registries/modes';
import { KNOWN_FAULTS } from '../testing/known-faults';
import { GOOD_SET_UPS } from '../testing/good-set-ups';
import { setUp } from '../testing/set-up';
import { agreementOf } from './agreement';

const TODAY = '2026-11-26';

const lookAt = (plan: Plan) => agreementOf(plan, planIndex(plan, { today: TODAY }));

const told = (finding: Finding) => `${finding.check}: ${explained(finding).what}`;

describe('set-ups that work on the air', () => {
  it('are many, each named once', () => {
    expect(GOOD_SET_UPS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(GOOD_SET_UPS.map((one) => one.name)).size).toBe(GOOD_SET_UPS.length);
  });

  it.each(GOOD_SET_UPS)('$name', ({ lines }) => {
    const plan = setUp(...lines);
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    const { findings, tally } = lookAt(plan);
    expect(findings.filter((one) => one.severity !== 'note').map(told)).toEqual([]);
    expect([tally.broken, tally.doubtful]).toEqual([0, 0]);
  });
});

describe('faults that people make', () => {
  it('are many, each named once', () => {
    expect(KNOWN_FAULTS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(KNOWN_FAULTS.map((one) => one.name)).size).toBe(KNOWN_FAULTS.length);
  });

  it.each(KNOWN_FAULTS)('$name', ({ lines, finds, also = [], mend }) => {
    const plan = setUp(...lines);
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    const { findings } = lookAt(plan);
    const found = findings.filter((one) => one.severity !== 'note' || one.check === finds);
    expect(found.map((one) => one.check).sort(), found.map(told).join('\n')).toEqual([finds, ...also].sort());
    const finding = found.find((one) => one.check === finds)!;
    expect(finding.fixes[0]?.id ?? null).toBe(mend);
    if (mend === null) return;
    const mended = lookAt(editByPatches(plan, finding.fixes[0]!.patches).plan);
    expect(mended.findings.filter((one) => one.severity !== 'note' || one.check === finds).map(told)).toEqual([]);
    expect([mended.tally.broken, mended.tally.doubtful]).toEqual([0, 0]);
  });
});
