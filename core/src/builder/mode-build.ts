/** What a mode provides so that wants become channels, and sites and networks can be offered. */
import type { ModeCodeplug } from '../codeplug/mode-codeplug';
import type { ModePath } from '../path/mode-path';
import type {
  ChannelOf,
  Codeplug,
  Destination,
  Id,
  ModeId,
  NetworkOf,
  Plan,
  Radio,
  RadioLimits,
  Site,
  ValuesOf,
} from '../plan/types';
import type { ChannelDraft, Offer, OfferSetting } from './types';

/** A destination as people pick and read it. */
export interface DestinationInfo {
  destination: Destination;
  name: string;
  /** The number or address, with the way it is called: `group 417`, `private 9990`. */
  address: string;
  category: string;
  /** Talking or serving: builders put the two in different zones. */
  use: 'talk' | 'service';
  /** Made along with another that is wanted: not offered by itself. */
  comesAlong?: true;
}

/** The work on one radio, as a mode sees it. */
export interface RadioWork {
  plan: Plan;
  radio: Radio;
  codeplug: Codeplug;
  offer: Offer;
  /** Everything that the wants of this radio take, as far as it is known. */
  drafts: readonly ChannelDraft[];
  /**
   * What is found once for this radio and kept up to date as the work goes on: looking through thousands each time
   * would take seconds.
   */
  once<T extends object>(make: (work: RadioWork) => T): T;
}

/**
 * What a site is worth a channel for when a zone is made of sites, in order; `missing` says what is not possible, and
 * why.
 */
export interface WorthAChannel {
  /** `short`: what stands for the name where it does not fit. */
  destinations: { destination: Destination; name: string; short: string }[];
  missing: string[];
}

/** Room that a draft takes up in a radio beside its channel and zone. */
export interface Takes {
  /** Rows of which the same is there once: contacts. `count`: how many there are now. */
  rows: { limit: keyof RadioLimits; key: string; isThere: boolean; count: number }[];
  /**
   * Places in lists of which a further one is made when one is full. `base`: what the ids of its lists begin with;
   * `sizes`: how full those are; `count`: how many lists there are of all bases.
   */
  lists: {
    limit: keyof RadioLimits;
    each: keyof RadioLimits;
    base: string;
    key: string;
    isThere: boolean;
    sizes: () => readonly number[];
    count: number;
  }[];
}

export interface ModeBuild<M extends ModeId = ModeId> {
  /**
   * The channels that a destination takes in a radio, in their order of use; the same one is made once, whatever
   * wants it.
   */
  channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<M>[];
  /**
   * Offers the rows that a draft needs beside it in the radio (contacts, lists). @returns the values with their links
   */
  furnish?(work: RadioWork, draft: ChannelDraft<M>, channel: ChannelOf<M> | null): ValuesOf<M>;
  /** What a draft takes up in a radio beside its channel and its zone, as `furnish` makes it. */
  takes?(draft: ChannelDraft<M>, codeplug: Codeplug): Takes;
  worthAChannel(plan: Plan, site: Site): WorthAChannel;
  /** Sets what a hotspot needs, beyond the mode being on, for what is wanted through it on networks of this mode. */
  profile?(plan: Plan, siteId: Id, wanted: readonly Destination[], offer: OfferSetting): void;
}

/** What there is to want in a mode, and how people know a radio in it. */
export interface ModeOffer<M extends ModeId = ModeId> {
  destinations(network: NetworkOf<M>): DestinationInfo[];
  /** What there is without any network: those who hear a site, commands for its gateway, call signs. */
  withoutNetwork(plan: Plan): DestinationInfo[];
  /**
   * Destinations that no list holds, by what was typed: a call sign, somebody’s ID. None for a text that is neither.
   */
  typed?(plan: Plan, text: string): DestinationInfo[];
  /**
   * How a destination can be reached through a site, in a few words (`slot 2`); `null` when the site does not offer
   * it.
   */
  offer(plan: Plan, site: Site, destination: Destination): string | null;
  /** Who a radio calls as in this mode, in a few words; empty where it has not the mode, or says nothing of it. */
  knownAs(radio: Radio): string;
}

export interface BuildingMode<M extends ModeId = ModeId> extends ModePath<M>, ModeCodeplug<M>, ModeOffer<M> {
  build: ModeBuild<M>;
}

/** The modes as they are handed in. */
export type BuildModes = Readonly<Record<ModeId, BuildingMode>>;
