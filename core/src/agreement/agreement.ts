/** The verdict on a whole plan, in plain data that crosses from a worker to a page. */
import type { Finding } from '../checks/check';
import type { Explanation } from '../checks/explain';
import { channelFields } from '../codeplug/channel-fields';
import { pairWords } from '../path/fact-words';
import { placeOf } from '../path/place';
import type { Outcome, PlanIndex, TracedPath, Verdict } from '../path/types';
import type { Id, Plan } from '../plan/types';
import { explained, runChecks } from '../registries/checks';
import { planIndex, TRACED_MODES } from '../registries/traced';
import { type Strip, stripOf } from './strip';

export interface ExplainedFinding extends Finding, Explanation {
  /** Stable while the fault stands: which check, where. */
  id: string;
}

export interface ChannelVerdict extends Strip {
  radioId: Id;
  channelId: Id;
  outcome: Outcome;
  /** Where its call comes out: `Lantern 417`; empty when nowhere. */
  place: string;
  /** Field of the sheet → the value its other end expects, where the two disagree. */
  expects: Record<string, string>;
}

/** What becomes of each channel; it is known before all checks have run. */
export interface Verdicts {
  tally: Record<Verdict, number>;
  channels: readonly ChannelVerdict[];
}

export interface Agreement extends Verdicts {
  findings: readonly ExplainedFinding[];
}

/** What each field of a channel should hold, as the field shows it, where a pair does not agree. */
function expectations({ path, context }: TracedPath): Record<string, string> {
  const expects: Record<string, string> = {};
  if (path.verdict === 'whole') return expects;
  const mine = channelFields(TRACED_MODES).filter(
    ({ modes }) => modes === null || modes.includes(context.channel.mode),
  );
  for (const hop of [...path.call.hops, ...path.reply.hops]) {
    for (const fact of hop.facts) {
      if (fact.state === 'whole') continue;
      const field = mine.find(({ facts }) => facts.includes(fact.key));
      if (field) expects[field.id] = field.expected?.(fact, context) ?? pairWords(context, fact).expects;
    }
  }
  return expects;
}

function verdictOf(traced: TracedPath): ChannelVerdict {
  const { path, context } = traced;
  return {
    radioId: path.radioId,
    channelId: path.channelId,
    ...stripOf(path),
    outcome: path.outcome,
    place: placeOf(context),
    expects: expectations(traced),
  };
}

const inWords = new WeakMap<Finding, ExplainedFinding>();

function explainedOnce(finding: Finding): ExplainedFinding {
  let known = inWords.get(finding);
  if (!known) {
    known = { ...finding, ...explained(finding), id: `${finding.check}:${finding.pointer}` };
    inWords.set(finding, known);
  }
  return known;
}

/** The verdict on every channel. */
export function verdictsOf(index: PlanIndex): Verdicts {
  const tally: Record<Verdict, number> = { whole: 0, doubtful: 0, broken: 0 };
  const channels = index.eachPath(verdictOf);
  for (const { verdict } of channels) tally[verdict] += 1;
  return { tally, channels };
}

/** Every finding in words. */
export const findingsOf = (index: PlanIndex): ExplainedFinding[] => runChecks(index).map(explainedOnce);

/** The verdict on every channel, and every finding in words. */
export function agreementOf(plan: Plan, index: PlanIndex = planIndex(plan)): Agreement {
  return { ...verdictsOf(index), findings: findingsOf(index) };
}
