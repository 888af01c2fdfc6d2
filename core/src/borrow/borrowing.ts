/** What a borrowed codeplug is to somebody else: channels with their sites and destinations, what is the lender's own. */
import type { RecordRow } from '../plan/record-kind';
import type { Codeplug, Destination, Id, ModeId, Plan, Repeater } from '../plan/types';
import type { BuildingMode } from '../builder/mode-build';
import type { ModeKit } from '../kits/kit-field';
import type { ListedIn } from '../lists/as-repeater';
import type { ModeListed } from '../lists/mode-listed';

export type BorrowModes = Readonly<Record<ModeId, BuildingMode & { kit: ModeKit; listed: ModeListed }>>;

export interface Borrowed {
  plan: Plan;
  radioId: Id;
  /** As it was read; its ids are kept where they are free. */
  codeplug: Codeplug;
  /** Sites of the lists that may be meant. */
  listed: readonly ListedIn[];
  /** Numbers and call signs that its files hold as the lender's own. */
  owners: readonly string[];
}

export interface Match<T> {
  to: T;
  /** 0 to 1. */
  confidence: number;
  /** Why it is taken for that. */
  reason: string;
}

/** A site that the plan does not have, as it would be added. */
export interface ProposedSite {
  id: Id;
  site: Repeater;
  /** The list that names a site on these frequencies; `null`: none does. */
  list: string | null;
  channelIds: Id[];
  distanceM: number | null;
}

export interface ProposedGroup {
  id: Id;
  mode: ModeId;
  networkId: Id;
  networkName: string;
  number: number;
  name: string;
  channelIds: Id[];
}

export interface BorrowedChannel {
  id: Id;
  name: string;
  mode: ModeId;
  site: Match<Id> | null;
  /** The site that would be added for it. */
  proposedSiteId: Id | null;
  destination: Match<Destination> | null;
  proposedGroupId: Id | null;
  /** Where its site is, metres from the station; `null`: not known. */
  distanceM: number | null;
}

/** One thing that is the lender's own, and what comes in its place. */
export interface LenderThing {
  id: string;
  what: string;
  found: string;
  /** Empty: it goes. */
  becomes: string;
  /** How many channels or rows it concerns. */
  count: number;
}

export type RemovalReason = 'twice' | 'off the air' | 'no longer listed';

export interface Removal {
  channelId: Id;
  name: string;
  reason: RemovalReason;
  detail: string;
}

export interface Borrowing {
  channels: BorrowedChannel[];
  sites: ProposedSite[];
  groups: ProposedGroup[];
  lender: LenderThing[];
  removals: Removal[];
  /** The codeplug with what is the borrower's own in the place of the lender's. */
  own: Codeplug;
  /** Rows beside channels that are left behind, by mode and kind. */
  personal: { mode: ModeId; key: string; rows: RecordRow[] }[];
}
