/** A traced path in words: what the relay line shows, on screen, in a terminal and on paper. */
import type { Purpose, Site } from '../plan/types';
import { formatMHz } from '../units/quantities';
import { crossWords } from './cross-mode';
import { HOP_NAMES, pairWords } from './fact-words';
import { arrivalWords, landingOf } from './place';
import { slotWords } from './recall';
import type { Direction, Fact, HopId, Outcome, Path, PathContext, Verdict } from './types';

export interface PairView {
  /** The values themselves, for whoever needs more than words. */
  fact: Fact;
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

export interface DirectionView {
  hops: HopView[];
  verdict: Verdict;
  at: HopId | null;
  /** `whole`, `broken at the hotspot`. */
  words: string;
}

export interface RelayView {
  radioId: string;
  channelId: string;
  title: string;
  verdict: Verdict;
  outcome: Outcome;
  /** What the verdict means, in a few words. */
  words: string;
  call: DirectionView;
  reply: DirectionView;
}

/** The common pairs worth showing when they agree; a mode adds its own. */
const SHOWN: Readonly<Record<HopId, readonly Fact['key'][]>> = {
  radio: [],
  air: ['shift', 'level'],
  site: ['mode-at-site', 'recalls'],
  gateway: ['crossing', 'crossing-ready'],
  network: ['crossing-number'],
  destination: [],
};

/** Who is at the far end of a channel that takes no site. */
const WITHOUT_SITE: Readonly<Partial<Record<Purpose, string>>> = {
  direct: 'whoever hears it',
  'receive only': 'only heard',
  satellite: 'satellite',
};

function title(context: PathContext, hop: HopId): string {
  const { index, channel, purpose, site, network, crossing } = context;
  const { words } = index.modes[channel.mode];
  switch (hop) {
    case 'radio':
      return channel.name;
    case 'air':
      return `${formatMHz(channel.txHz)} MHz`;
    case 'site':
      return site?.name ?? 'no site';
    case 'gateway':
      return crossing ? crossWords(index.modes, crossing.pair) : words.gateway(context);
    case 'network':
      return (crossing?.network ?? network)?.name ?? words.network?.(context) ?? 'no network';
    case 'destination': {
      const other = WITHOUT_SITE[purpose];
      if (other !== undefined) return other;
      if (context.recalls && site?.kind === 'hotspot') return slotWords(index.plan, site, context.recalls);
      const arrival = landingOf(context);
      if (!arrival) return 'nowhere';
      const { name, address } = arrivalWords(context, arrival);
      return name ?? address;
    }
  }
}

/** The kind of place a hop is: a site is a hotspot or a repeater. */
function kindOf(hop: HopId, site: Site | null): string {
  return hop === 'site' && site ? (site.kind === 'hotspot' ? 'Hotspot' : 'Repeater') : HOP_NAMES[hop];
}

function direction(context: PathContext, { hops, verdict, at }: Direction): DirectionView {
  const own = context.index.modes[context.channel.mode].words.shown;
  const views = hops.map((hop): HopView => {
    const shown = hop.facts.filter(
      ({ state, key, noted }) =>
        state !== 'whole' || noted || SHOWN[hop.id].includes(key) || own[hop.id]?.includes(key),
    );
    return {
      id: hop.id,
      kind: kindOf(hop.id, context.site),
      title: title(context, hop.id),
      pairs: shown.map((fact) => ({ fact, ...pairWords(context, fact), state: fact.state })),
      state: hop.state,
    };
  });
  return {
    hops: views,
    verdict,
    at,
    words: at === null ? 'whole' : `${verdict} at the ${kindOf(at, context.site).toLowerCase()}`,
  };
}

/** `Lantern, group 588, Ostrey All`. */
function placeWords({ arrives }: Path, context: PathContext): string {
  const { address, name } = arrivalWords(context, arrives!);
  const network = arrives!.networkId === null ? null : context.index.plan.networks.byId[arrives!.networkId]!.name;
  return [network, address, name].filter((part) => part !== null).join(', ');
}

function outcomeWords(path: Path, context: PathContext): string {
  const { outcome, call, reply } = path;
  const { index, site, channel } = context;
  const at = (id: HopId | null) => kindOf(id!, site).toLowerCase();
  switch (outcome) {
    case 'whole':
      return 'whole, both ways';
    case 'wrong place':
      return `goes to the wrong place: ${placeWords(path, context)}`;
    case 'not hearing':
      return `you can talk but will not hear: broken at the ${at(reply.at)}`;
    case 'not heard':
      return index.modes[channel.mode].words.onlyHears!(context)!;
    case 'stops':
      return `broken at the ${at(call.at)}`;
    case 'doubtful':
      return call.verdict === 'doubtful' ? `doubtful at the ${at(call.at)}` : `reply doubtful at the ${at(reply.at)}`;
  }
}

/** A path as people read it: hops with titles and pairs, and one sentence for what it comes to. */
export function describePath(path: Path, context: PathContext): RelayView {
  const { channel, radio, index } = context;
  return {
    radioId: path.radioId,
    channelId: path.channelId,
    title: `${channel.name} · ${index.modes[channel.mode].name} · ${radio.name}`,
    verdict: path.verdict,
    outcome: path.outcome,
    words: outcomeWords(path, context),
    call: direction(context, path.call),
    reply: direction(context, path.reply),
  };
}
