/** The verdict on a whole plan, in plain data that crosses from a worker to a page. */
import type { Finding } from '../checks/check';
import { explain, type Explanation } from '../checks/explain';
import { runChecks } from '../checks/run';
import { CHANNEL_FIELDS } from '../codeplug/channel-fields';
import type { RelayView } from '../path/describe';
import { FACT_WORDS } from '../path/facts';
import { placeOf } from '../path/place';
import { indexPlan, type PlanIndex, type TracedPath } from '../path/plan-index';
import type { HopId, Outcome, Verdict } from '../path/types';
import type { Id, Plan } from '../plan/types';

export interface ExplainedFinding extends Finding, Explanation {
  /** Stable while the fault stands: which check, where. */
  id: string;
}

export interface ChannelVerdict {
  radioId: Id;
  channelId: Id;
  verdict: Verdict;
  at: HopId | null;
  /** The call passes and only the answer does not come back. */
  replyOnly: boolean;
  outcome: Outcome;
  /** Where its call comes out: `Lantern 417`; empty when nowhere. */
  place: string;
  /** Field of the sheet → the value its other end expects, where the two disagree. */
  expects: Record<string, string>;
}

export interface Agreement {
  tally: Record<Verdict, number>;
  channels: ChannelVerdict[];
  findings: ExplainedFinding[];
}

function expectations({ path }: TracedPath): Record<string, string> {
  const expects: Record<string, string> = {};
  if (path.verdict === 'whole') return expects;
  for (const hop of [...path.call.hops, ...path.reply.hops]) {
    for (const fact of hop.facts) {
      if (fact.state === 'whole') continue;
      const field = CHANNEL_FIELDS.find((one) => one.fact === fact.key);
      if (field) expects[field.id] = fact.key === 'level' ? 'low' : FACT_WORDS[fact.key].read(fact.expects).replace(/ MHz$/, '');
    }
  }
  return expects;
}

export function agreementOf(plan: Plan, index: PlanIndex = indexPlan(plan)): Agreement {
  const tally: Record<Verdict, number> = { whole: 0, doubtful: 0, broken: 0 };
  const channels = index.paths().map((traced): ChannelVerdict => {
    const { path } = traced;
    tally[path.verdict] += 1;
    const callAt = path.call.verdict === path.verdict ? path.call.at : null;
    return { radioId: path.radioId, channelId: path.channelId, verdict: path.verdict, at: callAt ?? path.reply.at, replyOnly: path.verdict !== 'whole' && callAt === null, outcome: path.outcome, place: placeOf(traced.context), expects: expectations(traced) };
  });
  const findings = runChecks(index).map((finding) => ({ ...finding, ...explain(finding), id: `${finding.check}:${finding.pointer}` }));
  return { tally, channels, findings };
}

/** The findings that explain a path: its own, its radio's, its site's, and those of the station. Gravest first. */
export function findingsOfPath<F extends Finding>(findings: readonly F[], radioId: Id, channelId: Id, siteId: Id | null): F[] {
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

/** The finding to show at the gap of a path: one about a pair of the very hop that breaks it, else the gravest. */
export function findingAtGap<F extends Finding>(findings: readonly F[], { call, reply }: Pick<RelayView, 'call' | 'reply'>): F | null {
  const direction = call.at === null ? reply : call;
  const hop = direction.hops.find((one) => one.id === direction.at);
  const keys = new Set(hop?.pairs.filter((pair) => pair.state === hop.state).map((pair) => pair.key));
  return findings.find((finding) => finding.fact !== null && keys.has(finding.fact)) ?? findings[0] ?? null;
}
