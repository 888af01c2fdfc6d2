/** What a plan stores about FM, per kind of entity. */
import type { ToneText } from '../../radio-math/tones';
import type { FM_WIDTHS_HZ } from './limits';

export type FmWidthHz = (typeof FM_WIDTHS_HZ)[number];

export interface FmRadioFields {
  widthsHz: FmWidthHz[];
}

export interface FmSiteFields {
  /** The tone that opens the site; `null` when it needs none. */
  toneIn: ToneText | null;
  /** The tone the site sends; `null` when none is known of. */
  toneOut: ToneText | null;
  widthHz: FmWidthHz;
}

export interface FmChannelFields {
  /** What the radio sends; `null`: none. */
  toneTx: ToneText | null;
  /** What opens the radio's squelch; `null`: any signal. */
  toneRx: ToneText | null;
  widthHz: FmWidthHz;
}
