/** What a plan stores about P25, per kind of entity. */
import type { Id, Nothing, RecallDestination, Table } from '../../basics';
import type { SPECIAL_NAMES } from './limits';

/** Everything P25 keeps, by the kind of thing that holds it. */
export interface P25Types {
  radio: P25RadioFields;
  site: P25SiteFields;
  network: P25NetworkFields;
  profile: P25ProfileFields;
  codeplug: Nothing;
  shared: Nothing;
  channel: P25ChannelFields;
  destination: P25Destination;
  arrival: P25Arrival;
  state: P25State;
  facts: P25Facts;
}

export interface P25RadioFields {
  /** The unit ID programmed in this radio; `null` when none is. */
  unitId: number | null;
}

export interface P25SiteFields {
  /** Network access code, 0 to 4,095; 3,967 (F7F hex) where a repeater passes any. `null` while nobody has said. */
  nac: number | null;
  /** P25 networks that its gateway reaches; empty: nobody has said. */
  networkIds: Id[];
}

export interface P25NetworkFields {
  groups: Table<P25Group>;
  /** Groups that the network answers itself; `null` where it has none. */
  special: Record<P25SpecialName, number | null>;
}

export type P25SpecialName = (typeof SPECIAL_NAMES)[number];

export interface P25Group {
  id: Id;
  /** 1 to 65,534; calling it links the site there. */
  number: number;
  name: string;
}

/** `local`: whoever hears the site. A group of a network's directory, or what the network answers itself. */
export type P25Destination =
  | { kind: 'local' }
  | { kind: 'group'; networkId: Id; groupId: Id }
  | { kind: 'special'; networkId: Id; special: P25SpecialName }
  | RecallDestination;

export interface P25ChannelFields {
  /** Network access code that is sent, 0 to 4,095. */
  nac: number;
  /** What opens the receiver; 3,966 (F7E hex) for any. */
  nacRx: number;
  /** Talk group. As typed, 0 to 65,535; a check says when it cannot be called. */
  group: number;
}

export interface P25ProfileFields {
  /** Talk group that it links to at start; `null`: none. */
  startGroup: number | null;
}

/** Where a call comes out. */
export type P25Arrival = { kind: 'group'; networkId: Id; group: number } | { kind: 'local'; networkId: null };

/** What is true of a site now. */
export interface P25State {
  /** Talk group that it is linked to; `null`: to none. */
  linkedTo: number | null;
}

/** What a site is linked to when a channel is keyed. `by call`: calling the group links it. */
export type GroupFound = { is: 'linked' | 'by call'; to: number };

/** Pairs of a path that only P25 has, with the type of their values. */
export interface P25Facts {
  'unit-id': number | null;
  nac: number;
  'nac-value': number;
  'nac-heard': number;
  /** P25 networks that the site reaches; expected: the one of the group. */
  'p25-network': readonly Id[];
  'p25-link': GroupFound;
  'p25-number': number;
  'p25-group': number;
}
