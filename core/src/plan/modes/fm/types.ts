/** What a plan stores about FM, per kind of entity. */
import type { Nothing } from '../../basics';
import type { SiteTone, ToneText } from '../../../units/tones';
import type { FM_WIDTHS_HZ } from './limits';

export type FmWidthHz = (typeof FM_WIDTHS_HZ)[number];

export interface FmRadioFields {
  widthsHz: FmWidthHz[];
}

export interface FmSiteFields {
  /** The tone that opens the site. */
  toneIn: SiteTone;
  /** The tone the site sends. */
  toneOut: SiteTone;
  /** Spacing of its channel; `null` while nobody has said. */
  widthHz: FmWidthHz | null;
}

export interface FmChannelFields {
  /** What the radio sends; `null`: none. */
  toneTx: ToneText | null;
  /** What opens the radio's squelch; `null`: any signal. */
  toneRx: ToneText | null;
  widthHz: FmWidthHz;
}

/** Everything FM keeps, by the kind of thing that holds it. It has no networks, so no profile, and nothing that changes by itself. */
export interface FmTypes {
  radio: FmRadioFields;
  site: FmSiteFields;
  network: null;
  profile: null;
  codeplug: Nothing;
  shared: Nothing;
  channel: FmChannelFields;
  destination: FmDestination;
  arrival: FmArrival;
  state: null;
  facts: FmFacts;
}

/** Whoever hears the site. */
export interface FmDestination {
  kind: 'local';
}

export interface FmArrival {
  networkId: null;
}

/** Pairs of a path that only FM has, with the type of their values. */
export interface FmFacts {
  tone: ToneText | null;
  'tone-heard': ToneText | null;
  'tone-value': ToneText | null;
  width: FmWidthHz;
  'width-in-radio': FmWidthHz | null;
}
