/** What a plan stores about P25, per kind of entity. */
import type { Id, Table } from '../../plan/basics';
import type { SPECIAL_NAMES } from './limits';

export interface P25RadioFields {
  /** The unit ID programmed in this radio; `null` when none is. */
  unitId: number | null;
}

export interface P25SiteFields {
  /** Network access code, 0 to 4,095; 3,967 (F7F hex) where a repeater passes any. */
  nac: number;
  /** P25 networks that its gateway reaches; empty: nobody has said. */
  networkIds: Id[];
}

export interface P25NetworkFields {
  mode: 'p25';
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

export type P25Destination = { kind: 'p25-group'; networkId: Id; groupId: Id } | { kind: 'p25-special'; networkId: Id; special: P25SpecialName };

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

/** Pairs of a path that only P25 has. */
export type P25FactKey = 'unit-id' | 'nac' | 'nac-value' | 'nac-heard' | 'p25-network' | 'p25-link' | 'p25-number' | 'p25-group';
