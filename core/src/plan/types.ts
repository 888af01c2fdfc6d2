/**
 * The plan document: everything an operator intends, in one tree.
 *
 * Entities live in tables (`byId` + `order`) so that a patch means the same after another edit.
 * A channel holds the concrete values that go into the radio, and links to what it is meant to reach;
 * what it *should* hold is computed from those links (see `path/`).
 * What a mode keeps of each entity comes from `ModeTypes`; no mode is named here.
 */
import type { Band, Licence } from '../units/bands';
import type { BandPlan, Segment } from '../units/segments';
import type { Position } from '../units/geo/position';
import type { Id, Table } from './basics';
import type { Keying } from './keying';
import type { Kit } from './kit';
import type { RehearsalTimes } from './rehearsal-times';
import type { ModeId, ModeTypes, NetworkModeId } from './mode-types';
import type { TaughtFile } from './taught-file';

export type { CallKind, Delay, Gap, Id, RecallDestination, Server, Table } from './basics';
export type { ModeId, ModeTypes, NetworkModeId } from './mode-types';
export type { Band, RegionId } from '../units/bands';
export type { Segment } from '../units/segments';
export type { Position } from '../units/geo/position';

export const PLAN_FORMAT = 'yellow-relay-plan';
export const NAME_LETTERS = ['any', 'plain', 'capitals'] as const;

export const PLAN_FORMAT_VERSION = 13;

/** `region`, `edges` and `kept` are the licence profile: what may be used, and what of it is kept for others. */
export interface Station extends BandPlan {
  callSign: string;
  operator: string;
  /** As typed; a check says when it is no 7-digit DMR ID. `null` while none is assigned. */
  dmrId: number | null;
  /** Further IDs that are registered to the same operator: a radio may hold any of them. */
  otherIds: number[];
  /** ITU region whose band edges the licence follows. */
  region: Licence['region'];
  /**
   * The country's edges where they differ from the region's, by name of a band; `null`: not given to amateurs there.
   */
  edges: Record<string, Band | null>;
  /** Parts that are kept for calling, beacons and the like; `null`: the region's list. */
  kept: Segment[] | null;
  place: string;
  /** Where distances are measured from; `null` while it is not said. */
  position: Position | null;
  /** FM channel width of the country, Hz. Common practice: 25,000 or 12,500, by country. */
  fmWidthHz: 12_500 | 25_000;
}

/** A setting of the output power, under the name that the radio gives it; no two of a radio have the same. */
export interface PowerStep {
  name: string;
  /** `null`: not known. */
  watts: number | null;
}

/** What the radio can hold: counts, names in characters. `null`: not known, and no check complains. */
export interface RadioLimits {
  channels: number | null;
  zones: number | null;
  channelsPerZone: number | null;
  scanLists: number | null;
  channelsPerScanList: number | null;
  contacts: number | null;
  receiveLists: number | null;
  groupsPerReceiveList: number | null;
  /** Call signs that it keeps beside channels. */
  callSigns: number | null;
  nameLength: number | null;
}

/** What letters names may have. `plain`: no accents. */
export type NameLetters = (typeof NAME_LETTERS)[number];

interface RadioHardware {
  /** What it tunes; empty while it is not known. */
  bands: Band[];
  /** Where it only receives, within what it tunes; empty for nowhere, and while it is not known. */
  receiveOnly: Band[];
  /** What its output power can be set to, the least first; empty while it is not known. */
  power: PowerStep[];
  limits: RadioLimits;
  /** `null`: not known. */
  letters: NameLetters | null;
  display: Display;
  /** What else each channel of it can be set to, in its own words; empty while nobody has said. */
  options: ChannelOption[];
  /** How it is programmed by hand; `null` while nobody has said. */
  keying: Keying | null;
}

/** A setting that each channel of a radio has and that no mode knows: `Talkaround`, on or off. */
export interface ChannelOption {
  name: string;
  values: string[];
}

/** How much of a channel's name is seen at once; `null`: not known. */
export interface Display {
  /** Lines that a name takes. */
  lines: number | null;
  /** Letters of one line. */
  letters: number | null;
}

/**
 * What a radio is, without whose it is: who it calls as is blank. Each mode's block is there when it speaks that
 * mode.
 */
export type RadioDescription = RadioHardware & { [M in ModeId]: ModeTypes[M]['radio'] | null };

export type Radio = RadioDescription & { id: Id; name: string };

/** A description under a name, kept for radios to come. */
export interface RadioKind {
  id: Id;
  name: string;
  description: RadioDescription;
}

interface SiteBase {
  id: Id;
  name: string;
  /** What the site listens on, Hz. On a simplex hotspot equal to `txHz`. */
  rxHz: number;
  txHz: number;
  /** How far away the radio usually is, metres. */
  distanceM: number;
  /** Strongest signal the receiver takes without distortion, dBm. A setting; the default is from memory. */
  maxInputDbm: number;
}

/** Each mode's block is there when something was said of that mode at the site. */
type SiteBlocks = { [M in ModeId]: ModeTypes[M]['site'] | null };

/**
 * One's own: what it carries and how it is set is in its profiles. What it sends and listens on is what its profile
 * sets.
 */
export interface Hotspot extends SiteBase, SiteBlocks {
  kind: 'hotspot';
  listing: null;
  /** The profile it runs now; agreement is for this one. */
  activeProfileId: Id;
  /** How far its oscillator is off, as its label says, Hz; `null` where it says nothing, or nobody has looked. */
  labelOffsetHz: number | null;
  /** When its card or settings were last kept, and how it was set then; `null`: never, or nobody has said. */
  backup: Backup | null;
  /** Its own settings file, as somebody gave it and said what is what; `null`: none was given. */
  taught: TaughtFile | null;
  /** Stored profiles that it recalls by what a radio sends. Empty where it has no such slots. */
  recall: Table<RecallSlot>;
}

export interface Backup {
  /** ISO date. */
  on: string;
  /** What stood in its settings on that day: see `fingerprintOf`. */
  of: string;
}

/** One place in which a hotspot stores a profile. */
export interface RecallSlot {
  id: Id;
  /** The profile it holds; `null`: none, or nobody has said. */
  profileId: Id | null;
  /**
   * What a radio of each mode sends to recall it: a number of a group, what stands in UR, a stored tone code. Empty:
   * not from that mode. The hotspot's manual says which; there is no usual one.
   */
  calls: Record<NetworkModeId, string>;
}

/** Somebody else's: known from a list, or from hearing it. */
export interface Repeater extends SiteBase, SiteBlocks {
  kind: 'repeater';
  listing: Listing;
}

export type Site = Hotspot | Repeater;

export type SiteStatus = 'on the air' | 'off the air' | 'not said';

/** What is said about a repeater, and by which list. */
export interface Listing {
  callSign: string;
  /** Module letter; empty when there is none. */
  module: string;
  place: string;
  position: Position | null;
  status: SiteStatus;
  /** ISO date on which somebody last heard it. */
  confirmedOn: string | null;
  /** The list it was taken from; `null` when it was typed. */
  list: { name: string; issuedOn: string | null } | null;
  /** ISO date of a newer version of that list in which it is no longer; `null` while it is, or nobody has looked. */
  goneOn: string | null;
}

/** A network of one mode: what it is called, and what its mode keeps of it. */
export type NetworkOf<M extends ModeId> = M extends NetworkModeId
  ? { id: Id; name: string; mode: M } & ModeTypes[M]['network']
  : never;

export type Network = NetworkOf<NetworkModeId>;

/** What is at the far end of a path, in its mode's own terms. */
export type DestinationOf<M extends ModeId> = M extends ModeId ? { mode: M } & ModeTypes[M]['destination'] : never;

export type Destination = DestinationOf<ModeId>;

/** Where a call comes out, in its mode's own terms. `networkId` is `null` where it stays at the site. */
export type ArrivalOf<M extends ModeId> = M extends ModeId ? { mode: M } & ModeTypes[M]['arrival'] : never;

export type Arrival = ArrivalOf<ModeId>;

/** One wish: this destination, on this radio, through this site. */
export interface Want {
  id: Id;
  destination: Destination;
  radioId: Id;
  siteId: Id;
}

interface CommonValues {
  name: string;
  rxHz: number;
  txHz: number;
  /** A step of its radio, by its name. */
  power: string;
  /** After this long the radio stops sending by itself, seconds; `null` while nobody has said. */
  timeOutS: number | null;
  /** What the radio's own options are set to, by their names; those that are not said are left out. */
  options: Record<string, string>;
}

/** The values of a channel of one mode that go into the radio. */
export type ValuesOf<M extends ModeId> = M extends ModeId
  ? CommonValues & { mode: M } & { [K in M]: ModeTypes[K]['channel'] }
  : never;

export type ChannelValues = ValuesOf<ModeId>;

/**
 * What a channel is for. `talk`: through a site. `direct`: radio to radio. `receive only`: never sent on. `satellite`:
 * up on one frequency, down on another. `service`: through a site, to what a network answers itself.
 */
export type Purpose = 'talk' | 'direct' | 'receive only' | 'satellite' | 'service';

interface ChannelLinks {
  id: Id;
  /** `null` while nobody has said: then what the channel holds tells it, see `purposeOf`. */
  purpose: Purpose | null;
  siteId: Id | null;
  destination: Destination | null;
  /** The want this channel was built for. */
  wantId: Id | null;
}

/**
 * A channel of one mode. `built`: what the builder last wrote here; a value that differs from it was changed by hand.
 */
export type ChannelOf<M extends ModeId> = M extends ModeId
  ? ChannelLinks & ValuesOf<M> & { built: ValuesOf<M> | null }
  : never;

export type Channel = ChannelOf<ModeId>;

export interface Zone {
  id: Id;
  name: string;
  channelIds: Id[];
  /** What belongs into it; `null`: it is filled by hand. Nothing moves by itself: it is brought up to date on request. */
  rule: ZoneRule | null;
  /** How its channels are called, `{place} {group}`; empty: by hand. See `codeplug/name-pattern.ts`. */
  pattern: string;
}

export interface ZoneRule {
  from: ZoneSource;
  /** Only channels of these modes; empty: of any. */
  modes: ModeId[];
  order: ZoneOrder;
}

/** Where the channels of a zone come from. `centre`: `null` for the station's position. */
export type ZoneSource =
  | { kind: 'near'; centre: Position | null; withinKm: number }
  | { kind: 'along'; points: Position[]; withinKm: number }
  | { kind: 'home' }
  | { kind: 'network'; networkId: Id }
  | { kind: 'purpose'; purpose: Purpose };

/** `codeplug`: as the channels stand. `use`: by purpose, what is talked through first. */
export const ZONE_ORDERS = ['codeplug', 'distance', 'name', 'use'] as const;
export type ZoneOrder = (typeof ZONE_ORDERS)[number];

/** Where a radio answers when one keys up while it scans. */
export const TALK_BACKS = ['selected', 'active'] as const;

/** Channels that a radio listens to in turn. */
export interface ScanList {
  id: Id;
  name: string;
  channelIds: Id[];
  /** The zone whose channels it has, as far as they are worth scanning; `null`: it is filled by hand. */
  zoneId: Id | null;
  /** The channel it comes back to in between; one of its own. */
  priorityId: Id | null;
  /** On the channel that is selected, or on the one that was heard last; `null` while nobody has said. */
  talkBack: (typeof TALK_BACKS)[number] | null;
}

/** What each mode keeps in a radio beside its channels: contacts, lists, memories. */
export type CodeplugBlocks = { [M in ModeId]: ModeTypes[M]['codeplug'] };

export interface Codeplug extends CodeplugBlocks {
  channels: Table<Channel>;
  zones: Table<Zone>;
  scanLists: Table<ScanList>;
  /** The channel that the radio comes back to by one key; `null`: none, or nobody has said. */
  homeId: Id | null;
  /** Channels that are reached by one key, by the name that the radio gives to the key. */
  quickKeys: Record<string, Id>;
}

/** Where a rule applies: at one's own hotspots, at repeaters, radio to radio; `null`: anywhere. */
export const RULE_PLACES = ['hotspot', 'repeater', 'direct'] as const;

/**
 * What channels of one use are built with, in place of what is usual. Of several rules the first that says a value has
 * it; what was changed by hand stays.
 */
export interface ChannelRule {
  id: Id;
  /** `null`: every radio. */
  radioId: Id | null;
  purpose: Purpose | null;
  place: (typeof RULE_PLACES)[number] | null;
  /** Only for sites that are at least this far away, and only for nearer ones, metres; `null`: any. */
  fromM: number | null;
  belowM: number | null;
  /** Values as one types them, by the field of a channel: `admit`, `always`. Power may be `least` or `most`. */
  set: Record<string, string>;
}

/** What was last written to a radio, by the same ids as the codeplug: values only, no links. */
export interface Written extends CodeplugBlocks {
  /** RFC 3339, UTC. */
  at: string;
  /** Fingerprint of the files in which it was read back; `null` where somebody only said so. */
  readBack: string | null;
  channels: Table<ChannelValues & { id: Id }>;
  zones: Table<Zone>;
  scanLists: Table<ScanList>;
  homeId: Id | null;
  quickKeys: Record<string, Id>;
}

/**
 * One pair of modes that a hotspot can carry: what is on the air, and whose network takes it. `air` equal to `network`
 * is the ordinary case, and says whether the hotspot has that mode; the others are cross-mode.
 */
export interface Carriage {
  air: NetworkModeId;
  network: NetworkModeId;
  /** Whether the hotspot can do it at all. */
  able: boolean;
  /** Whether it is switched on. */
  on: boolean;
}

/** What a site listens and sends on, whole Hz. */
export interface Frequencies {
  rxHz: number;
  txHz: number;
}

/** For how long a hotspot stays in a mode after the last over, seconds; `null` while nobody has said. */
export interface Hang {
  /** After an over of a radio. */
  radioS: number | null;
  /** After an over from the network. */
  networkS: number | null;
}

export interface WifiNetwork {
  id: Id;
  /** Where it is: home, phone, car. */
  place: string;
  /** As it announces itself. */
  name: string;
  password: string;
}

interface ProfileBase {
  frequencies: Frequencies;
  /** Output power in percent of the most it can; `null` while nobody has said. */
  powerPercent: number | null;
  /**
   * Added to what it listens and sends on, so that its oscillator comes out right, Hz; `null` while nobody has said.
   */
  rxOffsetHz: number | null;
  txOffsetHz: number | null;
  /** Each pair once, in the order of the modes. */
  carriage: Carriage[];
  /**
   * Whether an air mode still reaches its own networks while its calls are carried to another mode's. Hotspots differ.
   */
  ownWhileCrossing: boolean;
  /** All networks up, nothing linked: it stays silent until someone keys up. */
  standby: boolean;
  hang: Hang;
  /** Where a mode has times of its own; `null`: the common ones. */
  modeHang: Record<NetworkModeId, Hang | null>;
  /** Whether it speaks: links, faults, its address; `null` while nobody has said. */
  announcements: boolean | null;
  location: (Position & { publish: boolean }) | null;
  /** Of its settings page: the one it was delivered with, or one's own; `null` while nobody has said, as below. */
  adminPassword: 'default' | 'changed' | null;
  /** Whether its settings page can be reached from the open internet. */
  pagePublic: boolean | null;
  /** Whether it carries out commands that a radio sends, such as shutting down. */
  remoteCommands: boolean | null;
  /** A name such as `Etc/UTC`; empty while nobody has said, as below. */
  timeZone: string;
  language: string;
  /** By which it is found on its own network. */
  hostName: string;
  wifi: Table<WifiNetwork>;
}

/** The settings of one hotspot, beyond what it is called and its codes. */
export type ProfileValues = ProfileBase & { [M in NetworkModeId]: ModeTypes[M]['profile'] };

/** A part of settings: of the blocks of modes, of logins and of hang times, only what is named. */
export type SomeValues = {
  [K in keyof ProfileBase]?: K extends 'modeHang' ? Partial<ProfileBase[K]> : ProfileBase[K];
} & { [M in NetworkModeId]?: Some<ModeTypes[M]['profile']> };

/** `logins`: the one map within a block, of which parts can be named too. */
type Some<T> = { [K in keyof T]?: K extends 'logins' ? { [key: string]: Partial<T[K][keyof T[K]]> } : T[K] };

/** A stored set of settings. A base sets every value; another sets only what differs from its base. */
export interface Profile {
  id: Id;
  siteId: Id;
  name: string;
  /** A profile of the same hotspot that is a base itself; `null`: this one is a base. */
  baseId: Id | null;
  set: SomeValues;
}

export interface Plan {
  format: typeof PLAN_FORMAT;
  formatVersion: typeof PLAN_FORMAT_VERSION;
  name: string;
  station: Station;
  radios: Table<Radio>;
  sites: Table<Site>;
  networks: Table<Network>;
  wants: Table<Want>;
  /** One per radio, keyed by the radio's id. */
  codeplugs: Record<Id, Codeplug>;
  /** At least one per hotspot. Read through `effectiveProfile`. */
  profiles: Table<Profile>;
  /** What each mode keeps once for the whole plan, such as a room book. */
  shared: { [M in ModeId]: ModeTypes[M]['shared'] };
  /** By radio; a radio that was never written to is not in it. */
  written: Record<Id, Written>;
  /** The files of radios' own programs, with their layouts. */
  kits: Table<Kit>;
  /** Descriptions of radios that somebody made and kept. */
  kinds: Table<RadioKind>;
  /** Short forms of words in names, by the word in small letters; beside those that are known, and before them. */
  shortForms: Record<string, string>;
  /** What channels are built with, by what they are for; the first that says a value has it. */
  channelRules: Table<ChannelRule>;
  /** How long things take when the plan is rehearsed, where somebody knows it better than what is usual. */
  rehearsalTimes: Partial<RehearsalTimes>;
  /** What goes in first, and what last, where a radio has not room for all; by the key of a destination. */
  priorities: Record<string, Priority>;
  /** Steps of run sheets that were carried out, by their ids. */
  done: Record<string, DoneStep>;
}

/** What has none is between the two. */
export const PRIORITIES = ['first', 'last'] as const;
export type Priority = (typeof PRIORITIES)[number];

/** A step of a run sheet that was carried out. */
export interface DoneStep {
  /** ISO date. */
  on: string;
  note: string;
}
