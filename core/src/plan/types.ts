/**
 * The plan document: everything an operator intends, in one tree.
 *
 * Entities live in tables (`byId` + `order`) so that a patch means the same after another edit.
 * A channel holds the concrete values that go into the radio, and links to what it is meant to reach;
 * what it *should* hold is computed from those links (see `path/`).
 */
import type { C4fmChannelFields, C4fmDestination, C4fmNetworkFields, C4fmProfileFields, C4fmRadioFields, C4fmSiteFields, RoomBook, RoomMemory } from '../modes/c4fm/types';
import type { DmrChannelFields, DmrDestination, DmrNetworkFields, DmrProfileFields, DmrRadioFields, DmrSiteFields } from '../modes/dmr/types';
import type { DstarChannelFields, DstarDestination, DstarNetworkFields, DstarProfileFields, DstarRadioFields, DstarSiteFields } from '../modes/dstar/types';
import type { FmChannelFields, FmRadioFields, FmSiteFields, FmWidthHz } from '../modes/fm/types';
import type { P25ChannelFields, P25Destination, P25NetworkFields, P25ProfileFields, P25RadioFields, P25SiteFields } from '../modes/p25/types';
import type { CallKind, Id, Table } from './basics';

export type { CallKind, Delay, Id, Server, Table } from './basics';

export const PLAN_FORMAT = 'yellow-relay-plan';
export const PLAN_FORMAT_VERSION = 5;

export type RegionId = 'itu-1' | 'itu-2' | 'itu-3';

/** Degrees, WGS 84. Latitude −90 to 90, longitude −180 to 180. */
export interface Position {
  lat: number;
  lon: number;
}

export interface Station {
  callSign: string;
  operator: string;
  /** As typed; a check says when it is no 7-digit DMR ID. `null` while none is assigned. */
  dmrId: number | null;
  /** ITU region whose band edges the licence follows. */
  region: RegionId;
  place: string;
  /** Where distances are measured from; `null` while it is not said. */
  position: Position | null;
  /** FM channel width of the country. Common practice: 25 or 12.5 kHz, by country. */
  fmWidthHz: FmWidthHz;
}

export type PowerLevel = 'low' | 'high';

/** What the radio can hold; every figure is a count, names are in characters. */
export interface RadioLimits {
  channels: number;
  zones: number;
  channelsPerZone: number;
  contacts: number;
  receiveLists: number;
  groupsPerReceiveList: number;
  nameLength: number;
}

export interface Band {
  lowHz: number;
  highHz: number;
}

export interface Radio {
  id: Id;
  name: string;
  bands: Band[];
  /** Output power in watts at each setting. */
  powerW: Record<PowerLevel, number>;
  limits: RadioLimits;
  /** Each present when the radio speaks that mode. */
  dmr: DmrRadioFields | null;
  dstar: DstarRadioFields | null;
  c4fm: C4fmRadioFields | null;
  p25: P25RadioFields | null;
  fm: FmRadioFields | null;
}

interface SiteValues {
  id: Id;
  name: string;
  /** What the site listens on, Hz. On a simplex hotspot equal to `txHz`. */
  rxHz: number;
  txHz: number;
  /** How far away the radio usually is, metres. */
  distanceM: number;
  /** Strongest signal the receiver takes without distortion, dBm. A setting; the default is from memory. */
  maxInputDbm: number;
  /** Each present when the site has that mode. */
  dmr: DmrSiteFields | null;
  dstar: DstarSiteFields | null;
  c4fm: C4fmSiteFields | null;
  p25: P25SiteFields | null;
  fm: FmSiteFields | null;
}

/** One's own: what it does beyond its frequencies and codes is in its profile. */
export interface Hotspot extends SiteValues {
  kind: 'hotspot';
  listing: null;
  /** What it can turn into what; which of them are on is in its profile. */
  crossings: Crossing[];
}

/** Somebody else's: known from a list, or from hearing it. */
export interface Repeater extends SiteValues {
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
}

/** What a network of one mode holds, by its `mode`. */
interface NetworkFields {
  dmr: DmrNetworkFields;
  dstar: DstarNetworkFields;
  c4fm: C4fmNetworkFields;
  p25: P25NetworkFields;
}

/** Modes that have networks. */
export type NetworkModeId = keyof NetworkFields;

export type NetworkOf<M extends ModeId> = M extends NetworkModeId ? { id: Id; name: string } & NetworkFields[M] : never;

export type Network = NetworkOf<NetworkModeId>;

/** `air-network`: a hotspot takes a call in the one mode and carries it on a network of the other. */
export type Crossing = `${NetworkModeId}-${NetworkModeId}`;

/** What is at the far end of a path: on a network (`networkId`), or of a mode without one (`mode`). */
export type Destination =
  | DmrDestination
  | DstarDestination
  | C4fmDestination
  | P25Destination
  /** Whoever listens to the site itself, without any network. */
  | { kind: 'local'; mode: LocalModeId };

/** One wish: this destination, on this radio, through this site. */
export interface Want {
  id: Id;
  destination: Destination;
  radioId: Id;
  siteId: Id;
}

/** What a channel holds beyond what all modes share. */
interface ModeFields {
  dmr: DmrChannelFields;
  dstar: DstarChannelFields;
  c4fm: C4fmChannelFields;
  p25: P25ChannelFields;
  fm: FmChannelFields;
}

export type ModeId = keyof ModeFields;

/** Modes in which a site is worth a channel without any network behind it. */
export type LocalModeId = Exclude<ModeId, 'dmr'>;

interface CommonValues {
  name: string;
  rxHz: number;
  txHz: number;
  power: PowerLevel;
}

/** The values of a channel of one mode that go into the radio. */
export type ValuesOf<M extends ModeId> = M extends ModeId ? CommonValues & { mode: M } & Pick<ModeFields, M> : never;

export type ChannelValues = ValuesOf<ModeId>;

interface ChannelLinks {
  id: Id;
  siteId: Id | null;
  destination: Destination | null;
  /** The want this channel was built for. */
  wantId: Id | null;
}

/** A channel of one mode. `built`: what the builder last wrote here; a value that differs from it was changed by hand. */
export type ChannelOf<M extends ModeId> = M extends ModeId ? ChannelLinks & ValuesOf<M> & { built: ValuesOf<M> | null } : never;

export type Channel = ChannelOf<ModeId>;

export interface Zone {
  id: Id;
  name: string;
  channelIds: Id[];
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

export interface Codeplug {
  channels: Table<Channel>;
  zones: Table<Zone>;
  contacts: Table<Contact>;
  receiveLists: Table<ReceiveList>;
  /** Rooms that the radio keeps, in its categories. */
  rooms: Table<RoomMemory>;
}

/** What was last written to a radio, by the same ids as the codeplug: values only, no links. */
export interface Written {
  /** RFC 3339, UTC. */
  at: string;
  channels: Table<ChannelValues & { id: Id }>;
  zones: Table<Zone>;
  contacts: Table<Contact>;
  receiveLists: Table<ReceiveList>;
  rooms: Table<RoomMemory>;
}

/** The settings of one hotspot, beyond its frequency and codes. */
export interface Profile {
  modes: Record<NetworkModeId, boolean>;
  dmr: DmrProfileFields;
  dstar: DstarProfileFields;
  c4fm: C4fmProfileFields;
  p25: P25ProfileFields;
  /** Which of the hotspot's crossings are on. */
  crossings: Crossing[];
  /** All networks up, nothing linked: it stays silent until someone keys up. */
  standby: boolean;
  location: (Position & { publish: boolean }) | null;
  adminPassword: 'default' | 'changed';
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
  /** One per hotspot, keyed by the site's id. */
  profiles: Record<Id, Profile>;
  roomBook: RoomBook;
  /** By radio; a radio that was never written to is not in it. */
  written: Record<Id, Written>;
}
