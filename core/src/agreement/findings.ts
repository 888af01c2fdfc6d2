/** Which findings explain a path. Apart from the checks themselves: a page asks this, and needs none of them. */
import type { Finding } from '../checks/check';
import type { RelayView } from '../path/describe';
import type { Id } from '../plan/types';

/** The findings that explain a path: its own, its radio's, its site's, and those of the station. Gravest first. */
export function findingsOfPath<F extends Finding>(
  findings: readonly F[],
  radioId: Id,
  channelId: Id,
  siteId: Id | null,
): F[] {
  const rank = { broken: 0, doubtful: 1, note: 2 };
  return findings
    .filter(({ subject, fact }) => {
      if (subject.channelId !== undefined) return subject.channelId === channelId && subject.radioId === radioId;
      if (fact === null) return false;
      if (subject.radioId !== undefined) return subject.radioId === radioId;
      if (subject.siteId !== undefined) return subject.siteId === siteId;
      return true;
    })
    .sort((a, b) => rank[a.severity] - rank[b.severity]);
}

/**
 * What the press says that carries out the first fix of every finding of a check; empty where no more than one has any.
 * It names what it sets where that is the same for all.
 */
export function mendAllWords(
  findings: readonly (Pick<Finding, 'check' | 'fixes'> & { fixLabels: readonly string[] })[],
  checkId: string,
): string {
  const all = findings.filter((one) => one.check === checkId && one.fixes.length > 0);
  if (all.length < 2) return '';
  const [label] = all[0]!.fixLabels;
  const isSame = all.every((one) => one.fixLabels[0] === label);
  return `Mend all ${all.length}${isSame ? `: ${label!.charAt(0).toLowerCase()}${label!.slice(1)}` : ''}`;
}

/** The finding to show at the gap of a path: one about a pair of the very hop that breaks it, else the gravest. */
export function findingAtGap<F extends Finding>(
  findings: readonly F[],
  { call, reply }: Pick<RelayView, 'call' | 'reply'>,
): F | null {
  const direction = call.at === null ? reply : call;
  const hop = direction.hops.find((one) => one.id === direction.at);
  const keys = new Set(hop?.pairs.filter((pair) => pair.state === hop.state).map((pair) => pair.fact.key));
  return findings.find((finding) => finding.fact !== null && keys.has(finding.fact)) ?? findings[0] ?? null;
}
