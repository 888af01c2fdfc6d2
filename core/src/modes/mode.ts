/** What a mode provides. Each mode is a folder with the same file names; nothing outside asks which mode it is. */
import type { Arrival, Fact, FactKey, FactValue, PathContext } from '../path/types';
import type { ChannelField } from '../codeplug/channel-field';
import type { Check } from '../checks/check';
import type { ChannelDraft, ListDraft, OfferSetting } from '../build/types';
import type { ChannelValues, Codeplug, Destination, Id, Network, Plan, Radio, Site } from '../plan/types';

export interface ModeTrace {
  radio: (context: PathContext) => Fact[];
  air: (context: PathContext) => Fact[];
  site: (context: PathContext) => Fact[];
  gateway: (context: PathContext) => Fact[];
  network: (context: PathContext) => Fact[];
  destination: (context: PathContext) => Fact[];
  replyNetwork: (context: PathContext) => Fact[];
  replyGateway: (context: PathContext) => Fact[];
  replyRadio: (context: PathContext) => Fact[];
  /** Whether the call reaches a place, and not the one that is meant. */
  astray: (context: PathContext) => boolean;
}

/** How people read what is this mode's own. */
export interface ModeWords {
  /** Title of the gateway hop: what the site logs in as. */
  gateway: (context: PathContext) => string;
  /** A value that this mode writes in its own way; `null` leaves it to the common words. */
  read: (key: FactKey, value: FactValue, context: PathContext) => string | null;
}

/** A destination as people pick and read it. */
export interface DestinationInfo {
  destination: Destination;
  name: string;
  /** The number or address, with the way it is called: `group 417`, `private 9990`. */
  address: string;
  category: string;
  /** Talking or serving: builders put the two in different zones. */
  use: 'talk' | 'service';
}

export interface Mode {
  id: 'dmr';
  name: string;
  channelWidthHz: number;
  /** Where the site's gateway sends this channel's call; `null` when nowhere. */
  route: (context: PathContext) => Arrival | null;
  trace: ModeTrace;
  words: ModeWords;
  destinations: (network: Network) => DestinationInfo[];
  /** A channel of this mode before anything was typed. */
  blankChannel: () => ChannelValues;
  build: {
    channel: (plan: Plan, site: Site, destination: Destination) => ChannelDraft;
    /** The receive list that must hold this channel's group; `null` when the call needs none. */
    receiveList: (plan: Plan, radio: Radio, codeplug: Codeplug, draft: ChannelDraft) => ListDraft | null;
    /** Sets what a hotspot needs to log in to a network. */
    login: (plan: Plan, siteId: Id, network: Network, offer: OfferSetting) => void;
  };
  /** The fields of a channel that only this mode has. */
  fields: readonly ChannelField[];
  checks: readonly Check[];
}
