import type { Destination, Id, ModeId, ValuesOf } from '../plan/types';

/** What a mode makes of a want, before it is given a name that fits and what it needs beside it in the radio. */
export interface ChannelDraft<M extends ModeId = ModeId> {
  values: ValuesOf<M>;
  /** What this one channel reaches; of several that a want takes, each its own. */
  destination: Destination;
  /** What it is called before the name is made to fit. */
  title: string;
  /** Tells the several channels of one want apart; without, it is the one that is wanted. */
  part?: string;
  /** What is called, with the network’s number where the radio’s is another: `group 8000417 (Causeway 417)`. */
  address: string;
  use: 'talk' | 'service';
  networkId: Id | null;
  siteId: Id;
}

/** One line of the difference list. */
export interface BuildItem {
  /** Stable, so that a choice made on a proposal still names the same line when it is carried out. */
  id: string;
  kind:
    | 'add-channel'
    | 'change-channel'
    | 'remove-channel'
    | 'add-contact'
    | 'change-contact'
    | 'extend-list'
    | 'change-list'
    | 'add-to-zone'
    | 'set-profile'
    | 'add-network';
  /** What it is about: the name of a channel, list, zone or hotspot. */
  subject: string;
  field: string;
  from: string;
  to: string;
  /** The value in place was changed by hand since the builder wrote it: kept unless the user asks for the new one. */
  handMade: boolean;
}

/** Offers one line, and does it where it is taken. @returns whether it was taken. */
export type Offer = (item: BuildItem, act: () => void) => boolean;

/** Offers one setting of a hotspot profile. @returns whether it was taken. */
export type OfferSetting = (field: string, from: string, to: string, act: () => void, handMade?: boolean) => boolean;
