import type { PlanIndex } from '../path/types';
import type { Check, Finding } from './check';

type Run = (index: PlanIndex) => readonly Finding[];

const runs = new WeakMap<Check, Run>();

/** The run of a check, the same function each time: an index that follows a plan knows it by that. */
function runOf(check: Check): Run {
  let run = runs.get(check);
  if (!run) {
    run = (index) => {
      const findings: Finding[] = [];
      check.check(index, ({ message, data = {}, pointer, subject = {}, fixes = [] }) => {
        findings.push({
          check: check.id,
          severity: check.severity,
          message,
          data,
          pointer,
          subject,
          fact: check.fact ?? null,
          fixes: fixes.map((fix) => ({ id: fix.id, data: fix.data ?? data, patches: fix.patches })),
        });
      });
      return findings;
    };
    runs.set(check, run);
  }
  return run;
}

/** All findings, by check in the given order, then in the plan's order. Same plan, same findings. */
export function runChecks(index: PlanIndex, checks: readonly Check[]): Finding[] {
  return checks.flatMap((check) => index.once(runOf(check)));
}
