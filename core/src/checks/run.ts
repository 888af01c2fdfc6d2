import { same } from '../path/tracking/same';
import type { PlanIndex } from '../path/types';
import type { Check, Finding } from './check';

type Run = (index: PlanIndex) => readonly Finding[];

const runs = new WeakMap<Check, Run>();

/** The run of a check, the same function each time: an index that follows a plan knows it by that. */
function runOf(check: Check): Run {
  let run = runs.get(check);
  if (!run) {
    /** What was found before, by place: a finding that says the same stays the same object. */
    const before = new WeakMap<PlanIndex, Map<string, Finding>>();
    run = (index) => {
      const known = before.get(index);
      const now = new Map<string, Finding>();
      const findings: Finding[] = [];
      const keep = (finding: Finding) => {
        const key = `${finding.message} ${finding.pointer}`;
        const old = known?.get(key);
        const kept = old && same(old, finding) ? old : finding;
        now.set(key, kept);
        findings.push(kept);
      };
      check.check(index, ({ message, data = {}, pointer, subject = {}, fixes = [] }) => {
        keep({
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
      before.set(index, now);
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
