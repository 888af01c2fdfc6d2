/** What a mode provides. Each mode is a folder with the same file names; nothing outside asks which mode it is. */
import type { Arrival, Fact, PathContext } from '../path/types';
import type { ChannelField } from '../codeplug/channel-field';
import type { Check } from '../checks/check';
import type { ChannelDraft, ListDraft, OfferSetting } from '../build/types';
import type { Codeplug, Destination, Id, Network, Plan, Radio, Site } from '../plan/types';

export interface ModeTrace {
  radio: (context: PathContext) => Fact[];
  air: (context: PathContext) => Fact[];
  site: (context: PathContext) => Fact[];
  gateway: (context: PathContext) => Fact[];
  network: (context: PathContext) => Fact[];
  destination: (context: PathContext) => Fact[];
  replyRadio: (context: PathContext) => Fact[];
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
  destinations: (network: Network) => DestinationInfo[];
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
