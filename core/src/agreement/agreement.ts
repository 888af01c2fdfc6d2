/** The verdict on a whole plan, in plain data that crosses from a worker to a page. */
import type { Finding } from '../checks/check';
import { explain, type Explanation } from '../checks/explain';
import { runChecks } from '../checks/run';
import { CHANNEL_FIELDS, fieldById } from '../codeplug/channel-fields';
import { modeOf } from '../modes/registry';
import { FACT_WORDS } from '../path/facts';
import { placeOf } from '../path/place';
import { indexPlan } from '../path/plan-index';
import type { HopId, Outcome, PlanIndex, TracedPath, Verdict } from '../path/types';
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

function expectations({ path, context }: TracedPath): Record<string, string> {
  const expects: Record<string, string> = {};
  if (path.verdict === 'whole') return expects;
  for (const hop of [...path.call.hops, ...path.reply.hops]) {
    for (const fact of hop.facts) {
      if (fact.state === 'whole') continue;
      // The number that crosses stands in whichever field its mode keeps it in.
      const crossing = fact.key === 'crossing-number' ? modeOf(context.channel.mode).cross?.fields[0] : undefined;
      const field = crossing ? fieldById(crossing) : CHANNEL_FIELDS.find((one) => one.facts.includes(fact.key) && (one.modes === null || one.modes.includes(context.channel.mode)));
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
