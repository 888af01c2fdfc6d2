/**
 * A path: radio channel → air → site → gateway → network → destination, and the reply back.
 * Each hop holds pairs of what one end has and what the other expects; the path is as good as its worst pair.
 */
import type { CallKind, Channel, Codeplug, Id, Network, Profile, Radio, Site, Zone } from '../plan/types';
import type { NetworkLogin, TalkGroup } from '../modes/dmr/types';
import type { PlanIndex } from './plan-index';

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
  | 'site' | 'color-code' | 'mode-at-site'
  | 'login' | 'suffix' | 'carried' | 'route' | 'return'
  | 'network' | 'call-kind' | 'number'
  | 'group' | 'activity'
  | 'receive-list';

export interface Hop {
  id: HopId;
  facts: Fact[];
  state: Verdict;
}

/** Where a call ends up: a number on a network, and what is known to be there. */
export interface Arrival {
  networkId: Id;
  kind: CallKind;
  number: number;
  name: string | null;
}

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

/** What a verdict means to whoever keys up. `wrong place`: `arrives` says where. `not hearing`: you can talk but will not hear. */
export type Outcome = 'whole' | 'doubtful' | 'stops' | 'wrong place' | 'not hearing';

/** A dynamic group that a hotspot's slot has taken up, as the user says; it is not in the plan. */
export interface AwakeGroup {
  siteId: Id;
  networkId: Id;
  slot: 1 | 2;
  number: number;
  minutesLeft: number;
}

/** Everything a hop may look at, found once per channel. */
export interface PathContext {
  index: PlanIndex;
  radio: Radio;
  codeplug: Codeplug;
  holdings: RadioHoldings;
  channel: Channel;
  site: Site | null;
  profile: Profile | null;
  /** The network the site's gateway sends this call to. */
  network: Network | null;
  login: NetworkLogin | null;
  arrives: Arrival | null;
}

/** Look-ups into one radio's codeplug. */
export interface RadioHoldings {
  contacts: ReadonlySet<string>;
  receiveLists: ReadonlyMap<Id, ReadonlySet<number>>;
  zonesOf: ReadonlyMap<Id, readonly Zone[]>;
}

export interface NetworkHoldings {
  groupByNumber: ReadonlyMap<number, TalkGroup>;
}
