/** What a plan stores about C4FM, per kind of entity. */
import type { Id, Table } from '../../basics';
import type { ToneText } from '../../../units/tones';
import type { RECEIVES, VOICES } from './limits';

/** Everything C4FM keeps, by the kind of thing that holds it. */
export interface C4fmTypes {
  radio: C4fmRadioFields;
  site: C4fmSiteFields;
  network: C4fmNetworkFields;
  profile: C4fmProfileFields;
  codeplug: C4fmCodeplug;
  shared: RoomBook;
  channel: C4fmChannelFields;
  destination: C4fmDestination;
  arrival: C4fmArrival;
  state: C4fmState;
  facts: C4fmFacts;
}

/** Narrow: voice beside data. Wide: voice at the full rate; bridges to other modes do not take it. */
export type Voice = (typeof VOICES)[number];

/** What a channel opens for: digital and FM by what comes (`auto`), or one of both. */
export type Receive = (typeof RECEIVES)[number];

export interface C4fmRadioFields {
  /** Sent with each over, as it is programmed in this radio. At most 10 characters go on the air. */
  callSign: string;
  /** `null` where the radio keeps no rooms. */
  rooms: RoomMemoryLimits | null;
  /** Stored DTMF codes; 0 for none. */
  dtmfMemories: number;
}

/** What a radio keeps of rooms; names in characters. */
export interface RoomMemoryLimits {
  categories: number;
  perCategory: number;
  nameLength: number;
}

export interface C4fmSiteFields {
  /** Group ID that it takes, 0 to 99; hotspots commonly take 0. `null` while nobody has said. */
  groupIdIn: number | null;
  /** Group ID that it sends, 0 to 99; `null` while nobody has said. */
  groupIdOut: number | null;
  /** Voice that it passes; `null`: both. */
  voice: Voice | null;
  /** Networks of rooms that its gateway reaches; empty: nobody has said. */
  networkIds: Id[];
}

/** A network of rooms and nodes. */
export interface C4fmNetworkFields {
  rooms: Table<Room>;
  /** Connecting to this number disconnects. Common practice: 99999. */
  disconnect: number;
}

export interface Room {
  id: Id;
  /** 0 to 99,999, written with five digits. */
  number: number;
  name: string;
  place: string;
  kind: 'room' | 'node';
  /** Nodes lately connected to it, as its list says; `null` while it does not. */
  activity: number | null;
  /** The same room on another network. */
  twin: { networkId: Id; roomId: Id } | null;
  /** A network that it bridges to: what is said in it is heard there. */
  bridgesTo: Id | null;
}

/**
 * `local`: whoever hears the site. Rooms are connected to; the disconnect number is the way out of whichever one is.
 */
export type C4fmDestination =
  { kind: 'local' } | { kind: 'room'; networkId: Id; roomId: Id } | { kind: 'disconnect'; networkId: Id };

export interface C4fmChannelFields {
  voice: Voice;
  receive: Receive;
  groupTx: number;
  /** What opens the receiver; 0 for all. */
  groupRx: number;
  /** Number to connect to from this channel: five digits; empty where nothing is connected to. */
  room: string;
  /** For the FM side of a mixed site: sent and opened for in FM only. */
  toneTx: ToneText | null;
  toneRx: ToneText | null;
}

export interface C4fmProfileFields {
  /** Number of the room it connects to at start; `null`: none. */
  startRoom: number | null;
}

/** What a radio holds of C4FM beside its channels. */
export interface C4fmCodeplug {
  /** Rooms that the radio keeps, in its categories. */
  rooms: Table<RoomMemory>;
  /** Tone codes (DTMF) that the radio keeps and sends as one. */
  codes: Table<StoredCode>;
}

/** A tone code in a radio. */
export interface StoredCode {
  id: Id;
  name: string;
  /** Digits, A to D, * and #: as it is sent. */
  code: string;
  /** The stored profile of a hotspot that it is to recall; `null` for any other use. */
  recalls: { siteId: Id; slotId: Id } | null;
}

/** A room in a radio: its category counts from 1. */
export interface RoomMemory {
  id: Id;
  name: string;
  /** As it is called: five digits. */
  number: string;
  category: number;
}

/** One's favourite rooms, in categories, from which the memories of the radios are dealt. */
export interface RoomBook {
  categories: Table<RoomCategory>;
  entries: Table<RoomBookEntry>;
}

export interface RoomCategory {
  id: Id;
  name: string;
}

export interface RoomBookEntry {
  id: Id;
  categoryId: Id;
  networkId: Id;
  roomId: Id;
  /** How often it was used: what is used most comes first. */
  uses: number;
}

/** Where a call comes out. `number`: five digits. */
export type C4fmArrival =
  | { kind: 'room'; networkId: Id; number: string }
  | { kind: 'local'; networkId: null }
  | { kind: 'disconnect'; networkId: null };

/** What is true of a site now. */
export interface C4fmState {
  /** Number of the room it is connected to, five digits; `null`: to none. */
  connectedTo: string | null;
}

/** What a site is connected to when a channel is keyed. `by call`: the channel connects it. */
export type ConnectionFound =
  { is: 'connected'; to: string | null } | { is: 'by call'; to: string } | { is: 'not said' };

/** Pairs of a path that only C4FM has, with the type of their values. */
export interface C4fmFacts {
  'c4fm-call-sign': string | null;
  voice: Voice;
  'group-id': number;
  'group-id-heard': number;
  receive: Receive;
  'fm-tone': ToneText | null;
  'fm-tone-heard': ToneText | null;
  /** Networks of rooms that the site reaches; expected: the one of the room. */
  'room-network': readonly Id[];
  connect: ConnectionFound;
  /** Digits; empty where nothing is called. */
  'room-number': string;
  room: string;
}
