/** What a mode shows in the screens that all modes share, with the props that these screens give. */
import type { Channel, ModeId, Network, NetworkModeId, ProfileValues, Radio, Site } from '@relay/core/plan/types';

/** A component with these props. The one that shows a mode's own network or channel is looked up by its mode. */
type Part<P> = new (...args: never[]) => { $props: P };

type Change<T> = (label: string, recipe: (one: T) => void) => void;

interface CommonParts {
  /** What a radio holds of the mode. */
  RadioFields: Part<{ radio: Radio; onChange?: Change<Radio> }>;
  /** What a site is on the air, and what lies behind it. */
  SiteFields: Part<{ site: Site; onChange?: Change<Site> }>;
  /** Shown beside a channel of the mode in the codeplug. */
  ChannelPanel?: Part<{ radioId: string; channel: Channel; onSelect?: (channelId: string) => void }>;
  /** Rows for files that only radios of the mode take. */
  RadioFile?: { Row: Part<{ radio: Radio }>; takes: (radio: Radio) => boolean };
}

interface NetworkParts {
  /** What a hotspot's profile says of the mode. */
  ProfileFields: Part<{ site: Site; profile: ProfileValues; onChange?: Change<ProfileValues> }>;
  NetworkForm: Part<{ network: Network }>;
  network: {
    /** What one is called where it is added: `a family of reflectors`. */
    kind: string;
    /** What a fresh one is called, before its place among those of its mode: `Family`. */
    name: string;
    /** How much it holds, and of what. */
    holds: (network: Network) => [number, string];
  };
}

export type ModeParts<M extends ModeId = ModeId> = M extends NetworkModeId
  ? CommonParts & NetworkParts
  : CommonParts & Partial<NetworkParts>;
