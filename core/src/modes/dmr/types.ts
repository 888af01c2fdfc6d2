/** What a plan stores about DMR, per kind of entity. */
import type { CallKind, Id, Table } from '../../plan/types';

export interface DmrRadioFields {
  /** The ID programmed in this radio; `null` when none is. */
  id: number | null;
  /** Whether the radio hears its channel's own group without a receive list entry. A property of the radio. */
  hearsOwnGroup: boolean;
}

export interface DmrSiteFields {
  /** 0 to 15 (ETSI TS 102 361-1: 4 bits). */
  colorCode: number;
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

export type SpecialName = 'unlink' | 'echo';

export interface SpecialNumber {
  number: number;
  kind: CallKind;
}

export interface DmrNetworkFields {
  mode: 'dmr';
  groups: Table<TalkGroup>;
  special: Record<SpecialName, SpecialNumber>;
}
