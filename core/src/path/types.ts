/**
 * A path: radio channel → air → site → gateway → network → destination, and the reply back.
 * Each hop holds pairs of what one end has and what the other expects; the path is as good as its worst pair.
 */
import type { C4fmFactKey } from '../modes/c4fm/types';
import type { DstarFactKey } from '../modes/dstar/types';
import type { P25FactKey } from '../modes/p25/types';
import type { CallKind, ChannelOf, Codeplug, Crossing, Id, ModeId, NetworkOf, Plan, Profile, Radio, Site, Zone } from '../plan/types';

export type HopId = 'radio' | 'air' | 'site' | 'gateway' | 'network' | 'destination';

export type Verdict = 'whole' | 'doubtful' | 'broken';

/** Raw values; `facts.ts` says how people read them. */
export type FactValue = string | number | null;

export interface Fact {
  /** Which pair this is; a check with the same fact explains it. */
  key: FactKey;
  has: FactValue;
  expects: FactValue;
  state: Verdict;
}

export type FactKey =
  | 'call-sign' | 'own-id' | 'mode-in-radio' | 'radio-band' | 'contact' | 'admit'
  | 'frequency' | 'shift' | 'slot' | 'licence-band' | 'satellite' | 'level'
  | 'site' | 'color-code' | 'mode-at-site' | 'on-air' | 'confirmed'
  | 'tone' | 'tone-heard' | 'tone-value' | 'width' | 'width-in-radio'
  | 'site-network' | 'group-carried' | 'wide-area'
  | 'login' | 'suffix' | 'carried' | 'route' | 'return'
  | 'network' | 'call-kind' | 'number'
  | 'group' | 'activity'
  | 'receive-list'
  | 'crossing' | 'crossing-on' | 'crossing-ready' | 'crossing-number'
  | DstarFactKey | C4fmFactKey | P25FactKey;

export interface Hop {
  id: HopId;
  facts: Fact[];
  state: Verdict;
}

/** Where a call ends up, and what is known to be there. */
export interface Arrival {
  /** `null`: it stays at the site. */
  networkId: Id | null;
  /** What its network knows it by: `group 417`; what a local call is. */
  address: string;
  /** The same without the kind of call: `417`. */
  short: string;
  name: string | null;
}

/** A number on a DMR network. */
export interface DmrArrival extends Arrival {
  networkId: Id;
  kind: CallKind;
  number: number;
}

interface ModeArrivals {
  dmr: DmrArrival;
  dstar: Arrival;
  c4fm: Arrival;
  p25: Arrival;
  fm: Arrival;
}

export type ArrivalOf<M extends ModeId> = ModeArrivals[M];

export interface Direction {
  hops: Hop[];
  verdict: Verdict;
  /** The first hop, in the direction of travel, that breaks it or makes it doubtful. */
  at: HopId | null;
}

export interface Path {
  radioId: Id;
  channelId: Id;
  call: Direction;
  reply: Direction;
  verdict: Verdict;
  outcome: Outcome;
  arrives: Arrival | null;
}

/** What a verdict means to whoever keys up. `wrong place`: `arrives` says where. `not hearing`: you can talk but will not hear. `not heard`: you hear them, and they do not hear you. */
export type Outcome = 'whole' | 'doubtful' | 'stops' | 'wrong place' | 'not hearing' | 'not heard';

/** A dynamic group that a hotspot's slot has taken up, as the user says; it is not in the plan. */
export interface AwakeGroup {
  siteId: Id;
  networkId: Id;
  slot: 1 | 2;
  number: number;
  minutesLeft: number;
}

/** What a site is linked to in a mode, as the user says; it is not in the plan. */
export interface SiteLink {
  siteId: Id;
  mode: ModeId;
  /** As that mode writes it (`LNK001 C`, `41205`); `null`: nothing. */
  to: string | null;
}

/** Everything a hop may look at, found once per channel. `M`: the channel's mode. */
export interface PathContext<M extends ModeId = ModeId> {
  index: PlanIndex;
  radio: Radio;
  codeplug: Codeplug;
  holdings: RadioHoldings;
  channel: ChannelOf<M>;
  site: Site | null;
  profile: Profile | null;
  /** The network the site's gateway sends this call to. */
  network: NetworkOf<M> | null;
  arrives: ArrivalOf<M> | null;
  /** Where the destination waits on a network of another mode: what turns the call into one of that. */
  crossing: CrossingNeed | null;
}

export interface CrossingNeed {
  id: Crossing;
  networkId: Id;
  /** What is to be entered on the radio for the destination, as digits; `null` where it cannot be had across. */
  digits: string | null;
  name: string;
}

/** Look-ups into one radio's codeplug. */
export interface RadioHoldings {
  contacts: ReadonlySet<string>;
  receiveLists: ReadonlyMap<Id, ReadonlySet<number>>;
  zonesOf: ReadonlyMap<Id, readonly Zone[]>;
}

export interface TracedPath {
  path: Path;
  context: PathContext;
}

/** The look-ups that tracing and checking need; made by `indexPlan`. */
export interface PlanIndex {
  plan: Plan;
  radios: ReadonlyMap<Id, RadioHoldings>;
  /** Dynamic groups that were keyed lately. */
  awake: readonly AwakeGroup[];
  /** Sites of which the user says what they are linked to. */
  links: readonly SiteLink[];
  /** ISO date against which ages are held; `null` leaves ages out. The core has no clock of its own. */
  today: string | null;
  /** Every channel of every radio, traced; computed at first use. In order of radios, then of channels. */
  paths: () => readonly TracedPath[];
}
