import type { PlanIndex } from '../path/types';
import type { Check, Finding } from './check';

function runOne(check: Check, index: PlanIndex, findings: Finding[]): void {
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
}

/** All findings, by check in the given order, then in the plan's order. Same plan, same findings. */
export function runChecks(index: PlanIndex, checks: readonly Check[]): Finding[] {
  const findings: Finding[] = [];
  for (const check of checks) runOne(check, index, findings);
  return findings;
}
