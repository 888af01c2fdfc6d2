import type { Data, Finding, Source } from './check';
import { CHECK_BY_ID } from './registry';

/** Fills `{name}` from the data. A placeholder without data stays, so that the tester can see it. */
export function fill(template: string, data: Data): string {
  return template.replace(/\{(\w+)\}/g, (whole, key: string) => (key in data ? String(data[key]) : whole));
}

export interface Explanation {
  title: string;
  what: string;
  why: string;
  remedy: string;
  fixLabels: string[];
  source: Source | null;
}

/** Data may come first in a message. */
function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

export function explain(finding: Finding): Explanation {
  const check = CHECK_BY_ID.get(finding.check)!;
  return {
    title: check.title,
    what: sentence(fill(check.messages[finding.message]!, finding.data)),
    why: check.docs.why,
    remedy: check.docs.remedy,
    source: check.docs.source ?? null,
    fixLabels: finding.fixes.map((fix) => sentence(fill(check.fixes[fix.id]!, fix.data))),
  };
}
