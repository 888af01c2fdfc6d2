/** A traced path in words: what the relay line shows, on screen, in a terminal and on paper. */
import { modeOf } from '../modes/registry';
import type { ModeId, Site } from '../plan/types';
import { formatMHz } from '../radio-math/quantities';
import { crossingWords } from './crossing';
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
  air: ['shift', 'slot', 'width', 'level'],
  site: ['color-code', 'slot', 'tone', 'mode-at-site'],
  gateway: ['login', 'route', 'group-carried', 'crossing', 'crossing-ready'],
  network: ['number', 'call-kind', 'group', 'activity', 'crossing-number'],
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
      return context.crossing ? crossingWords(context.crossing.id) : modeOf(channel.mode).words.gateway(context);
    case 'network':
      return network?.name ?? modeOf(channel.mode).words.network?.(context) ?? 'no network';
    case 'destination':
      return arrives ? (arrives.name ?? arrives.address) : 'nowhere';
  }
}

function pairView(context: PathContext, { key, has, expects, state }: Fact): PairView {
  const words = FACT_WORDS[key];
  const read = (value: typeof has) => {
    if (key === 'mode-at-site' || key === 'mode-in-radio') return value === null ? words.read(value) : modeOf(value as ModeId).name;
    if (key === 'network' || key === 'site-network') return context.index.plan.networks.byId[String(value)]?.name ?? 'none';
    return modeOf(context.channel.mode).words.read(key, value, context) ?? words.read(value);
  };
  return { key, name: words.name, has: read(has), expects: read(expects), state };
}

/** The kind of place a hop is: a site is a hotspot or a repeater. */
function kindOf(hop: HopId, site: Site | null): string {
  return hop === 'site' && site ? (site.kind === 'hotspot' ? 'Hotspot' : 'Repeater') : HOP_NAMES[hop];
}

function direction(context: PathContext, { hops, verdict, at }: Direction, doing: string) {
  const own = modeOf(context.channel.mode).words.shown;
  const views = hops.map((hop): HopView => {
    const shown = hop.facts.filter((fact) => fact.state !== 'whole' || SHOWN[hop.id].includes(fact.key) || own?.[hop.id]?.includes(fact.key));
    return { id: hop.id, kind: kindOf(hop.id, context.site), title: title(context, hop.id), pairs: shown.map((fact) => pairView(context, fact)), state: hop.state };
  });
  const words = at === null ? `${doing}: whole` : `${doing}: ${verdict} at the ${kindOf(at, context.site).toLowerCase()}`;
  return { hops: views, verdict, at, words };
}

function outcomeWords({ outcome, call, reply, arrives }: Path, context: PathContext): string {
  const { index: { plan }, site, channel } = context;
  const at = (id: HopId | null) => kindOf(id!, site).toLowerCase();
  switch (outcome) {
    case 'whole':
      return 'whole, both ways';
    case 'wrong place':
      return `goes to the wrong place: ${arrives!.networkId === null ? '' : `${plan.networks.byId[arrives!.networkId]!.name}, `}${arrives!.address}${arrives!.name === null ? '' : `, ${arrives!.name}`}`;
    case 'not hearing':
      return `you can talk but will not hear: broken at the ${at(reply.at)}`;
    case 'not heard':
      return modeOf(channel.mode).words.onlyHears!(context)!;
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
    title: `${context.channel.name} · ${modeOf(context.channel.mode).name} · ${context.radio.name}`,
    verdict: path.verdict,
    outcome: path.outcome,
    words: outcomeWords(path, context),
    call: direction(context, path.call, 'Call'),
    reply: direction(context, path.reply, 'Reply'),
  };
}
