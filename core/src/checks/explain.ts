import type { Check, Data, Finding, Source } from './check';

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

/** A finding in words, by the check that reported it. */
export function explain(check: Check, finding: Finding): Explanation {
  return {
    title: check.title,
    what: sentence(fill(check.messages[finding.message]!, finding.data)),
    why: check.docs.why,
    remedy: check.docs.remedy,
    source: check.docs.source ?? null,
    fixLabels: finding.fixes.map((fix) => sentence(fill(check.fixes[fix.id]!, fix.data))),
  };
}
