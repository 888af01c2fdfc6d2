/**
 * Runs a check over tables of valid and invalid cases, strictly: no two cases alike, every message and fix of the check
 * met by a case, no placeholder left empty, every fix with its expected result, and the finding gone from that result.
 */
import { describe, expect, it } from 'vitest';
import type { Check, Finding } from '../checks/check';
import { explain } from '../checks/explain';
import { runChecks } from '../checks/run';
import { planIndex } from '../registries/modes';
import { edit, editByPatches, type Recipe } from '../plan/edit';
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { samplePlan } from './sample-plan';

/** The day on which the cases are looked at. */
export const TODAY = '2026-11-23';

export interface ValidCase {
  name: string;
  change?: Recipe;
}

export interface InvalidCase {
  name: string;
  change: Recipe;
  findings: {
    message: string;
    pointer: string;
    /** What the reader is told; both values must stand in it. */
    says?: string;
    /** By fix id, in order: what carrying it out changes in the plan of this case. */
    fixes?: Record<string, Recipe>;
  }[];
}

function findingsOf(check: Check, plan: Plan): Finding[] {
  return runChecks(planIndex(plan, { today: TODAY }), [check]);
}

type MakePlan = (change?: Recipe) => Plan;

function planOf(make: MakePlan, change: Recipe | undefined): Plan {
  const plan = make(change);
  expect(validatePlan(plan).problems, 'the case must be a plan that the schema takes').toEqual([]);
  return plan;
}

function expectFix(check: Check, plan: Plan, finding: Finding, at: number, expected: Recipe): void {
  const mended = editByPatches(plan, finding.fixes[at]!.patches).plan;
  expect(mended, 'a fix must change something').not.toEqual(plan);
  expect(validatePlan(mended).problems, 'a fix must leave a plan that the schema takes').toEqual([]);
  const wanted = edit(plan, expected).plan;
  expect(mended).toEqual(wanted);
  // A fix may leave what only the user knows (a password): then the finding that remains says less.
  const still = findingsOf(check, mended).filter(
    (one) =>
      one.pointer === finding.pointer &&
      one.message === finding.message &&
      JSON.stringify(one.data) === JSON.stringify(finding.data),
  );
  expect(still, 'the finding must be gone after its fix').toEqual([]);
}

/** `plan` makes the plan that the cases change: the small sample, unless said otherwise. */
export function testCheck(
  check: Check,
  { plan: make = samplePlan, ...cases }: { plan?: MakePlan; valid: ValidCase[]; invalid: InvalidCase[] },
): void {
  describe(check.id, () => {
    it('has cases that differ, and cases for every message and fix', () => {
      const plans = [...cases.valid, ...cases.invalid].map((one) => JSON.stringify(make(one.change)));
      expect(new Set(plans).size, 'two cases are alike').toBe(plans.length);
      expect(cases.valid.length).toBeGreaterThan(0);
      const messages = new Set(cases.invalid.flatMap((one) => one.findings.map((finding) => finding.message)));
      expect([...messages].sort()).toEqual(Object.keys(check.messages).sort());
      const fixes = new Set(
        cases.invalid.flatMap((one) => one.findings.flatMap((finding) => Object.keys(finding.fixes ?? {}))),
      );
      expect([...fixes].sort()).toEqual(Object.keys(check.fixes).sort());
    });

    it.each(cases.valid)('finds nothing: $name', ({ change }) => {
      expect(findingsOf(check, planOf(make, change))).toEqual([]);
    });

    it.each(cases.invalid)('finds: $name', ({ change, findings: expected }) => {
      const plan = planOf(make, change);
      const found = findingsOf(check, plan);
      expect(found.map(({ message, pointer }) => ({ message, pointer }))).toEqual(
        expected.map(({ message, pointer }) => ({ message, pointer })),
      );
      found.forEach((finding, at) => {
        const words = explain(check, finding);
        expect([words.what, ...words.fixLabels].join(' '), 'a placeholder was left empty').not.toMatch(
          /[{}]|undefined/,
        );
        if (expected[at]!.says !== undefined) expect(words.what).toBe(expected[at]!.says);
        const fixes = Object.entries(expected[at]!.fixes ?? {});
        expect(finding.fixes.map((fix) => fix.id)).toEqual(fixes.map(([id]) => id));
        fixes.forEach(([, recipe], fixAt) => expectFix(check, plan, finding, fixAt, recipe));
      });
    });
  });
}
