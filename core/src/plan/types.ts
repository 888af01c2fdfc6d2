/**
 * The plan document: everything an operator intends, in one tree.
 *
 * Entities live in tables (`byId` + `order`) so that a patch means the same after another edit.
 * A channel holds the concrete values that go into the radio, and links to what it is meant to reach;
 * what it *should* hold is computed from those links (see `path/`).
 */
import type { DmrChannelFields, DmrNetworkFields, DmrProfileFields, DmrRadioFields, DmrSiteFields, SpecialName } from '../modes/dmr/types';

/** 1 to 60 characters of a–z, 0–9, `-` and `_`; made by whoever creates the entity. */
export type Id = string;

/** Entities by id, and the order in which people see them. */
export interface Table<T> {
  byId: Record<Id, T>;
  order: Id[];
}

export const PLAN_FORMAT = 'yellow-relay-plan';
export const PLAN_FORMAT_VERSION = 2;

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
  /** Present when the radio speaks DMR. */
  dmr: DmrRadioFields | null;
}

/** A repeater or a hotspot. Today: simplex hotspots. */
export interface Site {
  id: Id;
  kind: 'hotspot';
  name: string;
  /** What the site listens on, Hz. On a simplex hotspot equal to `txHz`. */
  rxHz: number;
  txHz: number;
  /** How far away the radio usually is, metres. */
  distanceM: number;
  /** Strongest signal the receiver takes without distortion, dBm. A setting; the default is from memory. */
  maxInputDbm: number;
  dmr: DmrSiteFields | null;
}

/** Round-trip times of one measurement, milliseconds. */
export interface Delay {
  medianMs: number;
  lowMs: number;
  highMs: number;
  /** Probes that were not answered. */
  lost: number;
  /** RFC 3339, UTC. */
  at: string;
}

export interface Server {
  id: Id;
  name: string;
  host: string;
  region: string;
  delay: Delay | null;
}

export interface Network extends DmrNetworkFields {
  id: Id;
  name: string;
  servers: Table<Server>;
}

/** What is at the far end of a path. */
export type Destination =
  | { kind: 'group'; networkId: Id; groupId: Id }
  | { kind: 'special'; networkId: Id; special: SpecialName };

/** One wish: this destination, on this radio, through this site. */
export interface Want {
  id: Id;
  destination: Destination;
  radioId: Id;
  siteId: Id;
}

/** The values of a channel that go into the radio. */
export interface ChannelValues {
  name: string;
  mode: 'dmr';
  rxHz: number;
  txHz: number;
  power: PowerLevel;
  dmr: DmrChannelFields;
}

export interface Channel extends ChannelValues {
  id: Id;
  siteId: Id | null;
  destination: Destination | null;
  /** The want this channel was built for. */
  wantId: Id | null;
  /** What the builder last wrote here; a value that differs from it was changed by hand. */
  built: ChannelValues | null;
}

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

export type CallKind = 'group' | 'private';

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
}

/** What was last written to a radio, by the same ids as the codeplug: values only, no links. */
export interface Written {
  /** RFC 3339, UTC. */
  at: string;
  channels: Table<ChannelValues & { id: Id }>;
  zones: Table<Zone>;
  contacts: Table<Contact>;
  receiveLists: Table<ReceiveList>;
}

/** The settings of one hotspot, beyond its frequency and codes. */
export interface Profile {
  modes: { dmr: boolean };
  dmr: DmrProfileFields;
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
  /** By radio; a radio that was never written to is not in it. */
  written: Record<Id, Written>;
}
