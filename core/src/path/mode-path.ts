/**
 * What a path is traced with, and what a mode provides so that its channels can be traced. `codeplug/`, `builder/` and
 * others ask more of it, each in a contract of its own.
 */
import type {
  Arrival,
  ArrivalOf,
  ChannelOf,
  Codeplug,
  Destination,
  DestinationOf,
  Gap,
  Hotspot,
  Id,
  ModeId,
  ModeTypes,
  Network,
  NetworkModeId,
  NetworkOf,
  Plan,
  ProfileValues,
  Purpose,
  Radio,
  RecallSlot,
  Site,
  Table,
  ValuesOf,
  Zone,
} from '../plan/types';
import type { Patch, PathKey } from '../plan/patches';
import type { AroundSite } from './around';
import type { CrossPair, Fact, FactKey, FactTypes, Rule } from './fact-types';
import type { HopId, Path } from './path';
import type { Standing } from './standing';
import type { World } from './world';

/** Everything a hop may look at, found once per channel. `M`: the channel's mode. */
export interface PathContext<M extends ModeId = ModeId> {
  index: PlanIndex;
  radio: Radio;
  codeplug: Codeplug;
  channel: ChannelOf<M>;
  /** What the channel is for, as it was said or as it shows. */
  purpose: Purpose;
  /** `null` also where the purpose takes no site. */
  site: Site | null;
  /** The settings that the site runs; `null` for a repeater. */
  profile: ProfileValues | null;
  /** The network of the channel's own mode to which the site's gateway sends this call. */
  network: NetworkOf<M> | null;
  /** Where the call comes out, when it stays in its own mode. */
  arrives: ArrivalOf<M> | null;
  /** Where the destination waits on a network of another mode: what carries the call there. */
  crossing: Crossing | null;
  /** The stored profile that the call recalls at its hotspot, which takes it and carries it nowhere. */
  recalls: RecallSlot | null;
}

/** A cross-mode call. */
export interface Crossing {
  pair: CrossPair;
  networkId: Id;
  /**
   * What is to be entered on the radio for the destination, as digits; `null` where it cannot be reached cross-mode.
   */
  digits: string | null;
  name: string;
  /** The network and the place where it comes out. */
  network: Network | null;
  arrives: Arrival | null;
}

export interface TracedPath {
  path: Path;
  context: PathContext;
}

/**
 * The look-ups that tracing and checking need; made by `indexPlan`. Everything is read through `plan`, and every
 * look-up that several paths share through `look`: so the index can know who reads what.
 */
export interface PlanIndex {
  plan: Plan;
  /** The plan itself, for who tries an edit on it. Whoever asks for it reads all of it. */
  whole(): Plan;
  modes: Modes;
  /** What is true now beside the plan. */
  world: World;
  /** What the lists say is around the station, beyond the sites of the plan. */
  around: readonly AroundSite[];
  /** ISO date against which ages are held; `null` leaves ages out. The core has no clock of its own. */
  today: string | null;
  /** The zones that hold each channel of a radio, by the channel's id. */
  zonesOf(radioId: Id): ReadonlyMap<Id, readonly Zone[]>;
  /** The settings that a hotspot runs; `null` for any other site. */
  profile(siteId: Id): ProfileValues | null;
  /**
   * What `make` finds for an id, found once while what it reads stays the same. It may look at the plan, not at the
   * world.
   */
  look<T>(make: (index: PlanIndex, id: Id) => T, id: Id): T;
  /** Every channel of every radio, traced; computed at first use. In order of radios, then of channels. */
  paths(): readonly TracedPath[];
  /**
   * What `make` finds of each path, in the order of `paths`: an index that follows a plan finds it again only for paths
   * that an edit touched. `make`: a function of its own, not one made for the call.
   */
  eachPath<T>(make: (traced: TracedPath) => T): readonly T[];
  /**
   * The same for what is told by a path and the rows in its context alone, without a look at the plan.
   * @throws Error, where the index follows a plan, if `make` looks at it
   */
  ofPaths<T>(make: (traced: TracedPath) => T): readonly T[];
  /** What `make` finds of the whole plan in this world, found once while what it reads stays the same. */
  once<T>(make: (index: PlanIndex) => T): T;
  /** A fresh index of the same plan in another world. */
  with(world: World): PlanIndex;
}

/*
 * The functions of a mode see channels of that mode only. They are declared as methods, so that a mode of one kind
 * stands in a registry beside the others; looking it up by `channel.mode` is what makes it right.
 */

export interface ModeTrace<M extends ModeId = ModeId> {
  radio(context: PathContext<M>): Fact[];
  air(context: PathContext<M>): Fact[];
  site(context: PathContext<M>): Fact[];
  /** The last hop before the destination, where a call does not go all the way: at the site, or at its gateway. */
  ends?(context: PathContext<M>): 'site' | 'gateway' | null;
  /** `null` for a mode in which a call always stays at the site. */
  beyond: Beyond<M> | null;
  destination(context: PathContext<M>): Fact[];
  replySite(context: PathContext<M>): Fact[];
  replyRadio(context: PathContext<M>): Fact[];
  /** Whether the call reaches a place, and not the one that is meant. */
  astray(context: PathContext<M>): boolean;
}

/** The hops beyond the site, there and back. */
export interface Beyond<M extends ModeId = ModeId> {
  gateway(context: PathContext<M>): Fact[];
  network(context: PathContext<M>): Fact[];
  replyNetwork(context: PathContext<M>): Fact[];
  replyGateway(context: PathContext<M>): Fact[];
}

/** How people read a pair: its name, and its values in the trade's writing. */
export interface FactWords<K extends FactKey> {
  name: string;
  read(value: FactTypes[K], context: PathContext): string;
  /** What is expected where a rule decides; without, the common words of that rule. */
  rule?(rule: Rule<K>, context: PathContext): string | null;
}

/** A place where a call comes out, for people. */
export interface ArrivalWords {
  /** What its network knows it by: `group 417`; what a local call is. */
  address: string;
  /** The same without the kind of call: `417`. */
  short: string;
  /** What is known to be there; `null`: nothing. */
  name: string | null;
}

/** How people read what is this mode's own. */
export interface ModeWords<M extends ModeId = ModeId> {
  /** Its own pairs; the compiler names one that is missing. */
  facts: { readonly [K in keyof ModeTypes[M]['facts'] & FactKey]: FactWords<K> };
  /** Title of the gateway hop: what the site logs in as. */
  gateway(context: PathContext<M>): string;
  /** Pairs that are worth showing when they agree; those that do not agree are always shown. */
  readonly shown: Partial<Record<HopId, readonly FactKey[]>>;
  /** Title of the network hop where no network of the plan carries the call. */
  network?(context: PathContext<M>): string;
  /** What it means where you hear them and they do not hear you; `null` where that is not so. */
  onlyHears?(context: PathContext<M>): string | null;
  arrival(index: PlanIndex, site: Site, arrival: ArrivalOf<M>): ArrivalWords;
}

/** What a mode needs and gives where a hotspot carries its calls to another mode's network, or another's to its own. */
export interface ModeCross<M extends ModeId = ModeId> {
  /** What a channel asks for, as digits; empty for nothing. */
  asked(values: ValuesOf<M>): string;
  /** Makes a channel ask for these digits, in place. */
  ask(values: ValuesOf<M>, digits: string): void;
  /**
   * The patches that make a channel of the plan ask for these digits, with what goes along in the radio; without, the
   * channel alone changes.
   */
  askPatches?(context: PathContext<M>, digits: string): Patch[];
  /** The largest number that can be asked for. */
  most: number;
  /**
   * What is entered on a radio of another mode for a destination of this one; `null` for what cannot be reached
   * cross-mode.
   */
  entry(plan: Plan, destination: Destination): { digits: string; name: string } | null;
  /** Where these digits lead on one of its networks. */
  arrival(networkId: Id, digits: string): ArrivalOf<M>;
  /** What the site's way to a network of this mode still lacks. */
  gaps(index: PlanIndex, site: Site, networkId: Id): Gap[];
}

/**
 * What is true of a site in a mode, and how it changes: a pure machine, in which time comes with the event.
 * `E`: its events, `F`: what an event has for an effect.
 */
export interface ModeMachine<M extends ModeId = ModeId, E = unknown, F = unknown> {
  /** The state before anything happened, as far as the plan says. */
  start(index: PlanIndex, site: Site): NonNullable<ModeTypes[M]['state']>;
  /** What keying a channel is to the machine; `null`: nothing. `atMs`: milliseconds since 1970, UTC. */
  keyed(context: PathContext<M>, atMs: number): E | null;
  step(state: NonNullable<ModeTypes[M]['state']>, event: E): [NonNullable<ModeTypes[M]['state']>, F[]];
}

/** A value of a site: where it stands in the site, and how a channel's value is written there. */
export interface SaidAt {
  path: readonly PathKey[];
  value(has: never): unknown;
  /** Whether that alone would make the site agree; without, it would. */
  fits?(has: never, site: Site): boolean;
}

/** The ways out of whatever a site is linked to. */
export interface ModeWays<M extends ModeId = ModeId> {
  /** What leaves a link at a site: one destination for each network that it reaches, or one for all. */
  out(plan: Plan, site: Site): Destination[];
  /** Whether a channel, or what its radio keeps beside it, leads to such a destination. */
  leaves(context: PathContext<M>, destination: Destination): boolean;
}

/** A code that a radio keeps and sends as one. */
export interface KeptCode {
  id: Id;
  name: string;
  code: string;
  recalls: { siteId: Id; slotId: Id } | null;
}

/** How radios of a mode recall a slot: a channel that sends its call, or a code that they keep. */
export interface ModeRecall<M extends ModeId = ModeId> {
  /** What the call of a slot is in this mode: `group`, `UR`, `tone code`. */
  what: string;
  /** A call as it is kept, from what was typed. */
  tidy(text: string): string;
  /** What was expected of a call, where it is none; `null` where it is. */
  expected(call: string): string | null;
  /** By a channel. */
  channel?: {
    /** What a channel of these values sends, as a slot's call is kept; empty where it can recall none. */
    sent(values: ValuesOf<M>): string;
    /** Makes a channel send it, in place. */
    send(values: ValuesOf<M>, call: string): void;
    /** A channel of a hotspot before anything was said of what it sends. */
    blank(site: Site): ValuesOf<M>;
    /** What goes along in the radio where a channel is added that sends a call: a contact. */
    along?(plan: Plan, radio: Radio, codeplug: Codeplug, call: string, name: string): Patch[];
  };
  /** By a code that the radio keeps: where, and how many it can keep. */
  codes?: { of(codeplug: Codeplug): Table<KeptCode>; path: readonly [string, string]; most(radio: Radio): number };
}

export interface ModePath<M extends ModeId = ModeId> {
  id: M;
  name: string;
  /** What a channel of these values takes up, Hz; without values, the most that one of this mode does. */
  widthHz(values?: ValuesOf<M>): number;
  /** What it takes up at a site that has the mode, Hz; without, as wide as it gets. */
  siteWidthHz?(site: Site): number;
  /** Whether a channel without a site calls nobody beyond the radios that hear it. */
  isDirect(values: ValuesOf<M>): boolean;
  /**
   * What opens a site in this mode, in a few words: `color code 3`; `null` where it has not the mode, or nobody has
   * said.
   */
  access(site: Site): string | null;
  /** Where the site's gateway sends this channel's call; `null` when nowhere. */
  route(context: PathContext<M>): ArrivalOf<M> | null;
  trace: ModeTrace<M>;
  words: ModeWords<M>;
  /** Where a site says what a pair is held against, so that a guess can be confirmed, or the site set, there. */
  readonly saidAt: Partial<Record<FactKey, SaidAt>>;
  /** What a hotspot is linked to without anybody keying up, by the settings that it runs. */
  standing?(index: PlanIndex, site: Hotspot): Standing[];
  /** Why a destination is seldom quiet, in a few words: `worldwide`; `null` where it may be, or nobody knows. */
  busy?(plan: Plan, destination: DestinationOf<M>): string | null;
  /**
   * What opens a radio on a channel's frequency, beside who is called: channels with the same hear the same, as far as
   * their lists let them. Without, all of a frequency do.
   */
  opensFor?(values: ValuesOf<M>): string;
  /** How a radio recalls a stored profile of a hotspot; for modes in which it can. */
  recall?: ModeRecall<M>;
  /** How one leaves what a site is linked to; for modes in which something can be. */
  ways?: ModeWays<M>;
  /** For modes whose calls can be carried to others' networks. */
  cross?: ModeCross<M>;
  /** For modes in which something is true of a site for a while. */
  machine?: ModeMachine<M>;
}

/** The modes as they are handed in. */
export type Modes = Readonly<Record<ModeId, ModePath>>;

/** Modes whose calls can leave the site, in the order of the registry. */
export function networkModesOf(modes: Modes): (ModePath & { id: NetworkModeId })[] {
  return Object.values(modes).filter((mode): mode is ModePath & { id: NetworkModeId } => mode.trace.beyond !== null);
}
