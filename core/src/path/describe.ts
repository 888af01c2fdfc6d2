/** A traced path in words: what the relay line shows, on screen, in a terminal and on paper. */
import { MODES } from '../modes/registry';
import type { Plan } from '../plan/types';
import { formatMHz } from '../radio-math/quantities';
import { FACT_WORDS, HOP_NAMES } from './facts';
import type { Direction, Fact, FactKey, HopId, Outcome, Path, PathContext, Verdict } from './types';

export interface PairView {
  key: FactKey;
  name: string;
  has: string;
  expects: string;
  state: Verdict;
}

export interface HopView {
  id: HopId;
  /** The kind of place: Channel, Air, Hotspot … */
  kind: string;
  /** Which one: its name or value. */
  title: string;
  pairs: PairView[];
  state: Verdict;
}

export interface RelayView {
  radioId: string;
  channelId: string;
  title: string;
  verdict: Verdict;
  outcome: Outcome;
  /** What the verdict means, in a few words. */
  words: string;
  call: { hops: HopView[]; verdict: Verdict; at: HopId | null; words: string };
  reply: { hops: HopView[]; verdict: Verdict; at: HopId | null; words: string };
}

/** The pairs worth showing when they agree; those that do not agree are always shown. */
const SHOWN: Readonly<Record<HopId, readonly FactKey[]>> = {
  radio: ['own-id', 'contact'],
  air: ['shift', 'slot', 'level'],
  site: ['color-code', 'mode-at-site'],
  gateway: ['login', 'route'],
  network: ['number', 'call-kind', 'group', 'activity'],
  destination: [],
};

function title(context: PathContext, hop: HopId): string {
  const { channel, site, network, arrives } = context;
  switch (hop) {
    case 'radio':
      return channel.name;
    case 'air':
      return `${formatMHz(channel.txHz)} MHz`;
    case 'site':
      return site?.name ?? 'no site';
    case 'gateway':
      return MODES[channel.mode].words.gateway(context);
    case 'network':
      return network?.name ?? 'no network';
    case 'destination':
      return arrives ? (arrives.name ?? `${arrives.kind} ${arrives.number}`) : 'nowhere';
  }
}

function pairView(context: PathContext, { key, has, expects, state }: Fact): PairView {
  const words = FACT_WORDS[key];
  const read = (value: typeof has) => {
    if (key === 'network') return context.index.plan.networks.byId[String(value)]?.name ?? 'none';
    return MODES[context.channel.mode].words.read(key, value, context) ?? words.read(value);
  };
  return { key, name: words.name, has: read(has), expects: read(expects), state };
}

function direction(context: PathContext, { hops, verdict, at }: Direction, doing: string) {
  const views = hops.map((hop): HopView => {
    const shown = hop.facts.filter((fact) => fact.state !== 'whole' || SHOWN[hop.id].includes(fact.key));
    return { id: hop.id, kind: HOP_NAMES[hop.id], title: title(context, hop.id), pairs: shown.map((fact) => pairView(context, fact)), state: hop.state };
  });
  const words = at === null ? `${doing}: whole` : `${doing}: ${verdict} at the ${HOP_NAMES[at].toLowerCase()}`;
  return { hops: views, verdict, at, words };
}

function outcomeWords({ outcome, call, reply, arrives }: Path, plan: Plan): string {
  const at = (id: HopId | null) => HOP_NAMES[id!].toLowerCase();
  switch (outcome) {
    case 'whole':
      return 'whole, both ways';
    case 'wrong place':
      return `goes to the wrong place: ${plan.networks.byId[arrives!.networkId]!.name}, ${arrives!.kind} ${arrives!.number}${arrives!.name === null ? '' : `, ${arrives!.name}`}`;
    case 'not hearing':
      return `you can talk but will not hear: broken at the ${at(reply.at)}`;
    case 'stops':
      return `broken at the ${at(call.at)}`;
    case 'doubtful':
      return call.verdict === 'doubtful' ? `doubtful at the ${at(call.at)}` : `reply doubtful at the ${at(reply.at)}`;
  }
}

export function describePath(path: Path, context: PathContext): RelayView {
  return {
    radioId: path.radioId,
    channelId: path.channelId,
    title: `${context.channel.name} · ${MODES[context.channel.mode].name} · ${context.radio.name}`,
    verdict: path.verdict,
    outcome: path.outcome,
    words: outcomeWords(path, context.index.plan),
    call: direction(context, path.call, 'Call'),
    reply: direction(context, path.reply, 'Reply'),
  };
}
