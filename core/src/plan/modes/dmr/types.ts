/** What a plan stores about DMR, per kind of entity. */
import type { CallKind, Gap, Id, Nothing, RecallDestination, Server, Table } from '../../basics';

/** Everything DMR keeps, by the kind of thing that holds it. */
export interface DmrTypes {
  radio: DmrRadioFields;
  site: DmrSiteFields;
  network: DmrNetworkFields;
  profile: DmrProfileFields;
  codeplug: DmrCodeplug;
  shared: Nothing;
  channel: DmrChannelFields;
  destination: DmrDestination;
  arrival: DmrArrival;
  state: DmrState;
  facts: DmrFacts;
}

export interface DmrRadioFields {
  /** The ID programmed in this radio; `null` when none is. */
  id: number | null;
  /** Whether the radio hears its channel's own group without a receive list entry. A property of the radio. */
  hearsOwnGroup: boolean;
  /** What it can wait for before it sends; `null`: not known. */
  admits: AdmitCriterion[] | null;
}

export interface DmrSiteFields {
  /** 0 to 15 (ETSI TS 102 361-1: 4 bits); `null` while nobody has said. */
  colorCode: number | null;
  /** What a repeater carries; `null` on a hotspot, whose profile says it. */
  carries: DmrCarriage | null;
}

/** A repeater's network and its groups, slot by slot. */
export interface DmrCarriage {
  /** `null` while nobody has said which. */
  networkId: Id | null;
  /** Those that are named; a list seldom names all, and may name none. */
  groups: CarriedGroup[];
  /**
   * Whether it also takes up groups that are not listed, on the slot they are keyed on; `null` while nobody has said.
   */
  takesOthers: boolean | null;
}

export interface CarriedGroup {
  /** `null` while nobody has said on which. */
  slot: TimeSlot | null;
  number: number;
  /** Always on; else taken up when somebody keys it. */
  static: boolean;
}

export type TimeSlot = 1 | 2;

export type AdmitCriterion = 'always' | 'channel-free' | 'color-code-free';

export interface DmrChannelFields {
  colorCode: number;
  slot: TimeSlot;
  call: { kind: CallKind; number: number };
  receiveListId: Id | null;
  admit: AdmitCriterion;
}

export type GroupCategory = 'local' | 'region' | 'nation' | 'world' | 'tactical' | 'test';

export interface TalkGroup {
  id: Id;
  name: string;
  number: number;
  category: GroupCategory;
}

/** What a radio holds of DMR beside its channels. */
export interface DmrCodeplug {
  contacts: Table<Contact>;
  receiveLists: Table<ReceiveList>;
}

export interface Contact {
  id: Id;
  name: string;
  kind: CallKind;
  number: number;
}

export interface ReceiveList {
  id: Id;
  name: string;
  /** Talk group numbers the radio opens for. */
  groups: number[];
}

/**
 * A group of a network's directory, what the network answers itself, somebody's own radio (a private call to an ID of
 * seven digits), or whoever hears the site: the group that no site carries on.
 */
export type DmrDestination =
  | { kind: 'local' }
  | { kind: 'group'; networkId: Id; groupId: Id }
  | { kind: 'special'; networkId: Id; special: SpecialName }
  | { kind: 'station'; networkId: Id; number: number }
  | RecallDestination;

/** What a network answers itself, by a number of its own. */
export type SpecialName = 'unlink' | 'echo' | 'status' | 'position';

export interface SpecialNumber {
  number: number;
  kind: CallKind;
}

export interface DmrNetworkFields {
  servers: Table<Server>;
  groups: Table<TalkGroup>;
  /** `null` where the network has no such number, or it is not known. */
  special: Record<SpecialName, SpecialNumber | null>;
  /**
   * Minutes of quiet after the last local key-up until a dynamic group is dropped. Common practice: 10, in some
   * networks 15.
   */
  dynamicTimerMin: number;
  /** Whether any 7-digit ID works as a group: an unlisted meeting place, heard by whoever monitors the frequency. */
  personalGroups: boolean;
  /** Hotspots that are linked to each other, with no network between them; `null`: an ordinary network. */
  direct: DirectLink | null;
}

/** One end listens, the others connect to it; what they share as a secret is the password of their logins. */
export interface DirectLink {
  /** One of the plan's hotspots; `null`: somebody else's. */
  listensSiteId: Id | null;
  /** Under which the others find it. */
  address: string;
  port: number | null;
  /** Whether more than one may connect. */
  many: boolean;
}

/** A stretch of consecutive numbers on one slot of the radio side, and where it lies on the network. */
export interface RuleRange {
  slot: TimeSlot;
  first: number;
  networkSlot: TimeSlot;
  networkFirst: number;
  count: number;
}

/**
 * Turns a number on the radio side into a number on a network. What first matches is taken; see
 * `docs/route-rules.md`.
 */
export interface RouteRule {
  id: Id;
  networkId: Id;
  call: CallKind;
  /** `null` is a catch-all: it takes every call of its kind and passes the number as it was sent. */
  range: RuleRange | null;
  /** Whether what comes from the network is turned back by the inverse. Without it you talk and hear nothing. */
  reply: boolean;
}

export interface DmrProfileFields {
  /** `one`: the first network that is logged in takes every call as it was sent. `several`: the rules decide. */
  selection: 'one' | 'several';
  rules: Table<RouteRule>;
  logins: Record<Id, NetworkLogin>;
}

export interface NetworkLogin {
  enabled: boolean;
  serverId: Id | null;
  /** 1 to 99, appended to the DMR ID at login; never on the air. */
  suffix: number | null;
  password: string;
  /** Talk groups that are always on, bound by the network to this hotspot. */
  staticGroupIds: Id[];
}

/** Where a call comes out: a number on a network; without a network it stays at the site. */
export interface DmrArrival {
  networkId: Id | null;
  kind: CallKind;
  number: number;
}

/** What is true of a site now: the dynamic groups its slots have taken up. */
export interface DmrState {
  awake: AwakeGroup[];
}

export interface AwakeGroup {
  networkId: Id;
  slot: TimeSlot;
  number: number;
  /** Milliseconds since 1970, UTC: when it is dropped, unless somebody keys it again. */
  untilMs: number;
}

/** Whether a group is heard unasked, and for how long. */
export type Activity = { is: 'static' } | { is: 'asleep' } | { is: 'awake'; minutesLeft: number };

/** Pairs of a path that only DMR has, with the type of their values. */
export interface DmrFacts {
  'own-id': number | null;
  contact: number | null;
  admit: AdmitCriterion;
  slot: TimeSlot;
  'color-code': number;
  login: readonly Gap[];
  suffix: number | null;
  /** Networks that the hotspot is logged in to; expected: the one that is meant. */
  carried: readonly Id[];
  /** The id of a route rule; `null`: none takes the call. */
  route: Id | null;
  return: number | null;
  network: Id | null;
  'call-kind': CallKind;
  number: number;
  group: number;
  activity: Activity;
  'receive-list': number | null;
  'site-network': Id | null;
  'group-carried': number | null;
  'wide-area': GroupCategory;
}
