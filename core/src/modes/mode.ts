/**
 * What a mode provides. Each mode is a folder with the same file names; nothing outside asks which mode it is. Its checks
 * stand in the registry of checks, not here: pages need the modes, and only the worker needs the checks.
 */
import type { ArrivalOf, Fact, FactKey, FactValue, HopId, PathContext, PlanIndex } from '../path/types';
import type { ChannelField } from '../codeplug/channel-field';
import type { CardSection } from '../card/section';
import type { Step } from '../run-sheet/step';
import type { ChannelDraft, ListDraft, OfferSetting } from '../build/types';
import type { CallKind, Codeplug, Destination, Id, ModeId, NetworkOf, Plan, Radio, Site, ValuesOf } from '../plan/types';

/*
 * The functions of a mode see channels of that mode only. They are declared as methods, so that a mode of one kind stands
 * in the registry beside the others; `modeOf(channel.mode)` is what makes it right.
 */

export interface ModeTrace<M extends ModeId = ModeId> {
  radio(context: PathContext<M>): Fact[];
  air(context: PathContext<M>): Fact[];
  site(context: PathContext<M>): Fact[];
  /** The last hop before the destination, where a call does not go all the way: at the site, or at its gateway. */
  ends?(context: PathContext<M>): 'site' | 'gateway' | null;
  /** `null` for a mode in which a call always stays at the site. */
  beyond: {
    gateway(context: PathContext<M>): Fact[];
    network(context: PathContext<M>): Fact[];
    replyNetwork(context: PathContext<M>): Fact[];
    replyGateway(context: PathContext<M>): Fact[];
  } | null;
  destination(context: PathContext<M>): Fact[];
  replySite(context: PathContext<M>): Fact[];
  replyRadio(context: PathContext<M>): Fact[];
  /** Whether the call reaches a place, and not the one that is meant. */
  astray(context: PathContext<M>): boolean;
}

/** How people read what is this mode's own. */
export interface ModeWords<M extends ModeId = ModeId> {
  /** Title of the gateway hop: what the site logs in as. */
  gateway(context: PathContext<M>): string;
  /** Pairs of this mode that are worth showing when they agree. */
  readonly shown?: Partial<Record<HopId, readonly FactKey[]>>;
  /** Title of the network hop where no network of the plan carries the call. */
  network?(context: PathContext<M>): string;
  /** What it means where you hear them and they do not hear you; `null` where that is not so. */
  onlyHears?(context: PathContext<M>): string | null;
  /** A value that this mode writes in its own way; `null` leaves it to the common words. */
  read(key: FactKey, value: FactValue, context: PathContext<M>): string | null;
}

/** A destination as people pick and read it. */
export interface DestinationInfo {
  destination: Destination;
  name: string;
  /** The number or address, with the way it is called: `group 417`, `private 9990`. */
  address: string;
  category: string;
  /** Talking or serving: builders put the two in different zones. */
  use: 'talk' | 'service';
  /** Made along with another that is wanted: not offered by itself. */
  comesAlong?: true;
}

export interface ModeBuild<M extends ModeId = ModeId> {
  /** The channels that a destination takes in a radio, in their order of use; the same one is made once, whatever wants it. */
  channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<M>[];
  /** What a channel calls, where that wants a contact of its own in the radio. */
  contact(values: ValuesOf<M>): { kind: CallKind; number: number } | null;
  /** The receive list that must hold this channel's group; `null` when the call needs none. */
  receiveList(plan: Plan, radio: Radio, codeplug: Codeplug, draft: ChannelDraft<M>): ListDraft | null;
  /** The values with that receive list. */
  withReceiveList(values: ValuesOf<M>, receiveListId: Id | null): ValuesOf<M>;
  /** `short`: what stands for the name where it does not fit. What a site is worth a channel for when a zone is made of sites, in order; `missing` says what cannot be had, and why. */
  worthAChannel(plan: Plan, site: Site): { destinations: { destination: Destination; name: string; short: string }[]; missing: string[] };
  /** Sets what a hotspot needs, beyond the mode being on, for what is wanted through it in this mode. */
  profile(plan: Plan, siteId: Id, wanted: readonly Destination[], offer: OfferSetting): void;
}

/** What a mode adds to the ordered steps that carry a plan out. */
export interface ModeRunSheet {
  /** What to set on a hotspot, beyond its frequency. */
  hotspot(plan: Plan, site: Site): string[];
  /** What to set in a radio, beyond its table. */
  radio(plan: Plan, radio: Radio): string[];
  /** What to do when hotspots and radios are set: log in, link, test. */
  steps(index: PlanIndex): Step[];
  /** What is called in this mode, and how one leaves, for a card in the pocket. */
  card(plan: Plan): Omit<CardSection, 'mode'>[];
}

/** What a radio or a site has of a mode before anything was said of it. */
export interface ModeFresh<M extends ModeId = ModeId> {
  radio(plan: Plan): NonNullable<Radio[M]>;
  site(plan: Plan, site: Site): NonNullable<Site[M]>;
  /** A network was added to a draft: where nothing is said yet, hotspots use it. */
  network?(plan: Plan, networkId: Id): void;
}

/** What a mode needs and gives where a hotspot turns its calls into another mode's, or another's into its own. */
export interface ModeCross<M extends ModeId = ModeId> {
  /** What a channel asks for, as digits; empty for nothing. */
  asked(values: ValuesOf<M>): string;
  /** The largest number that can be asked for. */
  most: number;
  /** The fields of a channel that hold it; the first is the number. */
  fields: readonly [string, ...string[]];
  /** Values that ask for these digits through a site. */
  asking(site: Site, digits: string): ValuesOf<M>;
  /** What is entered on a radio of another mode for a destination of this one; `null` for what cannot be had across. */
  entry(plan: Plan, destination: Destination): { digits: string; name: string } | null;
  /** What the site's way to a network of this mode still lacks, in words. */
  lacks(index: PlanIndex, site: Site, networkId: Id): string[];
  /** Sets what a hotspot needs on its network side. */
  profile?(plan: Plan, siteId: Id, wanted: readonly Destination[], offer: OfferSetting): void;
}

export interface Mode<M extends ModeId = ModeId> {
  id: M;
  name: string;
  /** What a channel of these values takes up, Hz; without values, the most that one of this mode does. */
  widthHz(values?: ValuesOf<M>): number;
  /** Where the site's gateway sends this channel's call; `null` when nowhere. */
  route(context: PathContext<M>): ArrivalOf<M> | null;
  trace: ModeTrace<M>;
  words: ModeWords<M>;
  destinations(network: NetworkOf<M>): DestinationInfo[];
  /** What there is without any network: those who hear a site, commands for its gateway, call signs. */
  beside(plan: Plan): DestinationInfo[];
  /** A destination that no list holds, by what was typed: a call sign. `null` for a text that is none. */
  asked?(text: string): DestinationInfo | null;
  /** How a destination is to be had through a site, in a few words (`slot 2`); `null` when the site does not offer it. */
  offer(plan: Plan, site: Site, destination: Destination): string | null;
  /** A channel of this mode before anything was typed; on a site's frequencies and codes when one is given. */
  blankChannel(site?: Site): ValuesOf<M>;
  build: ModeBuild<M>;
  /** The fields of a channel that only this mode has. */
  fields: readonly ChannelField<M>[];
  runSheet: ModeRunSheet;
  fresh: ModeFresh<M>;
  /** Who a radio calls as in this mode, in a few words; empty where it has not the mode, or says nothing of it. */
  knownAs(radio: Radio): string;
  /** For modes whose calls a hotspot can turn into others. */
  cross?: ModeCross<M>;
}
