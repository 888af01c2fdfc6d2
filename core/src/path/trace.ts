/** Traces one channel: the facts that all modes share, then the mode's own, hop by hop, there and back. */
import { CROSSED, crossedAstray, ownNetworkFacts } from './cross-mode';
import { landingOf } from './place';
import { airFacts, radioFacts, replyAirFacts, siteFacts } from './common-facts';
import { isSent, isThroughSite } from './purpose';
import type { Direction, Fact, Hop, HopId, Outcome, Path, PathContext, Verdict } from './types';

const RANK: Readonly<Record<Verdict, number>> = { whole: 0, doubtful: 1, broken: 2 };

/** The worse of two verdicts. */
export function worse(a: Verdict, b: Verdict): Verdict {
  return RANK[a] >= RANK[b] ? a : b;
}

function hop(id: HopId, facts: Fact[]): Hop {
  let state: Verdict = 'whole';
  let noted = false;
  for (const fact of facts) {
    state = worse(state, fact.state);
    noted ||= fact.noted === true;
  }
  return { id, facts, state, noted };
}

function direction(hops: Hop[]): Direction {
  let verdict: Verdict = 'whole';
  for (const one of hops) verdict = worse(verdict, one.state);
  const at = verdict === 'whole' ? null : hops.find((one) => one.state === verdict)!.id;
  return { hops, verdict, at };
}

function outcomeOf(call: Direction, reply: Direction, astray: boolean, onlyHears: boolean): Outcome {
  if (call.verdict === 'broken' && reply.verdict !== 'broken' && onlyHears) return 'not heard';
  if (call.verdict === 'broken')
    return astray && (call.at === 'gateway' || call.at === 'network') ? 'wrong place' : 'stops';
  if (reply.verdict === 'broken') return 'not hearing';
  return worse(call.verdict, reply.verdict) === 'whole' ? 'whole' : 'doubtful';
}

/** Radio to radio, over a satellite, or only heard: no site is asked for anything. */
function withoutSite(context: PathContext): Path {
  const { trace: mode } = context.index.modes[context.channel.mode];
  const radio = hop('radio', [...radioFacts(context), ...mode.radio(context)]);
  const sent = isSent(context.purpose);
  const call = direction([
    radio,
    hop('air', sent ? [...airFacts(context), ...mode.air(context)] : []),
    hop('destination', []),
  ]);
  const reply = direction([
    hop('destination', []),
    hop('air', []),
    hop('radio', sent ? mode.replyRadio(context) : radio.facts),
  ]);
  return {
    radioId: context.radio.id,
    channelId: context.channel.id,
    call,
    reply,
    verdict: worse(call.verdict, reply.verdict),
    outcome: outcomeOf(call, reply, false, false),
    arrives: null,
  };
}

/** The path of a channel, there and back, hop by hop. */
export function tracePath(context: PathContext): Path {
  if (!isThroughSite(context.purpose)) return withoutSite(context);
  const { trace: mode, words } = context.index.modes[context.channel.mode];
  const crossed = context.crossing !== null;
  const isRecall = context.recalls !== null || context.channel.destination?.kind === 'recall';
  const ends = isRecall ? 'site' : crossed ? null : (mode.ends?.(context) ?? null);
  const beyond = crossed ? CROSSED : mode.beyond;
  const toGateway = ends === 'site' ? null : beyond;
  const toNetwork = ends === null ? beyond : null;
  const call = direction([
    hop('radio', [...radioFacts(context), ...mode.radio(context)]),
    hop('air', [...airFacts(context), ...mode.air(context)]),
    hop('site', [...siteFacts(context), ...mode.site(context)]),
    ...(toGateway
      ? [hop('gateway', [...(toNetwork ? ownNetworkFacts(context) : []), ...toGateway.gateway(context)])]
      : []),
    ...(toNetwork ? [hop('network', toNetwork.network(context))] : []),
    hop('destination', crossed || isRecall ? [] : mode.destination(context)),
  ]);
  const reply = direction([
    hop('destination', []),
    ...(toNetwork ? [hop('network', toNetwork.replyNetwork(context))] : []),
    ...(toGateway ? [hop('gateway', toGateway.replyGateway(context))] : []),
    hop('site', mode.replySite(context)),
    hop('air', [...replyAirFacts(context), ...mode.air(context)]),
    // A hotspot that was told to run another profile has nobody to answer for.
    hop('radio', isRecall ? [] : mode.replyRadio(context)),
  ]);
  const outcome = outcomeOf(
    call,
    reply,
    crossed ? crossedAstray(context) : mode.astray(context),
    !crossed && (words.onlyHears?.(context) ?? null) !== null,
  );
  return {
    radioId: context.radio.id,
    channelId: context.channel.id,
    call,
    reply,
    verdict: worse(call.verdict, reply.verdict),
    outcome,
    arrives:
      call.verdict === 'broken' && call.at !== 'network' && outcome !== 'wrong place' ? null : landingOf(context),
  };
}
