/**
 * Every press that a finding offers mends that finding and makes no other. There are two ways to look. In plans with
 * one wrong value nothing at all may be left or made. In plans with many faults at once a mend may bring to light what
 * another fault hid.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '../checks/check';
import { editByPatches } from '../plan/edit';
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { explained, runChecks } from '../registries/checks';
import { planIndex } from '../registries/modes';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { oneWrongValue } from '../testing/one-wrong-value';

const TODAY = '2026-11-26';

const findingsOf = (plan: Plan) => runChecks(planIndex(plan, { today: TODAY }));

const identityOf = ({ check, pointer, message, data }: Finding) => JSON.stringify([check, pointer, message, data]);

/** What a press leaves to whoever alone knows it: the password of a login, one's own ID. */
const ONLY_THE_USER_KNOWS = new Set(['network-login-incomplete']);

/** A channel that linked by mistake, or was the way out, is right after its mend; what it did is missing then. */
const WAY_OUT_BY_MISTAKE = new Set(['no-unlink-entry', 'no-disconnect-entry', 'no-p25-unlink-channel', 'not-linked']);

const isWithin = (pointer: string, path: string) => pointer === path || pointer.startsWith(`${path}/`);

interface Pressed {
  press: string;
  plan: Plan;
  /** Findings of consequence that were not there before. */
  fresh: Finding[];
  isGone: boolean;
}

/** Carries out one press. */
function pressed(plan: Plan, before: readonly Finding[], finding: Finding, at: number): Pressed {
  const fix = finding.fixes[at]!;
  const { plan: mended } = editByPatches(plan, fix.patches);
  expect(validatePlan(mended).problems).toEqual([]);
  // A place that was wrong before may be wrong in another way still: the press that is offered next goes on from there.
  const known = new Set(before.map((one) => one.pointer));
  const after = findingsOf(mended);
  return {
    press: `${finding.check}/${fix.id}`,
    plan: mended,
    fresh: after.filter(
      (one) =>
        one.severity !== 'note' &&
        !known.has(one.pointer) &&
        !ONLY_THE_USER_KNOWS.has(one.check) &&
        !WAY_OUT_BY_MISTAKE.has(one.check),
    ),
    isGone: !after.some((one) => identityOf(one) === identityOf(finding)),
  };
}

const told = ({ press, fresh }: Pressed) =>
  fresh.map((one) => `${press} makes ${one.check} at ${one.pointer}: ${explained(one).what}`);

/** Calls `visit` for every press of every finding of a plan. */
function everyPress(plan: Plan, visit: (one: Pressed, finding: Finding, at: number) => void): void {
  const before = findingsOf(plan);
  for (const finding of before)
    finding.fixes.forEach((_, at) => visit(pressed(plan, before, finding, at), finding, at));
}

describe('the presses of findings', () => {
  it('mend a plan with one wrong value, and make no other finding of consequence', () => {
    fc.assert(
      fc.property(oneWrongValue, ({ plan, where }) => {
        everyPress(plan, (one, finding) => {
          expect(told(one), where).toEqual([]);
          expect(one.isGone, `${where}: ${one.press} leaves “${explained(finding).what}”`).toBe(true);
        });
      }),
      { numRuns: 150 },
    );
  }, 120_000);

  it('mend what they are offered for among many faults, and leave nothing wrong in what they set', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        everyPress(plan, (one, finding, at) => {
          const paths = finding.fixes[at]!.patches.map(({ path }) => path);
          const made = one.fresh.filter(({ pointer }) => paths.some((path) => isWithin(pointer, path)));
          expect(told({ ...one, fresh: made })).toEqual([]);
          expect(one.isGone, `${one.press} leaves “${explained(finding).what}”`).toBe(true);
        });
      }),
      { numRuns: 15 },
    );
  }, 120_000);
});
