/** What a radio or a site has of FM before anything was said of it. */
import type { ModeBlanks } from '../../mode-data';
import { NO_TONE } from '../../../units/tones';
import { FM_WIDTHS_HZ } from './limits';

export const blanks: ModeBlanks<'fm'> = {
  radio: () => ({ widthsHz: [...FM_WIDTHS_HZ] }),
  /** One's own FM node opens without a tone until it is said; of a repeater nobody has said anything yet. */
  site: ({ station }, { kind }) =>
    kind === 'hotspot'
      ? { toneIn: NO_TONE, toneOut: NO_TONE, widthHz: station.fmWidthHz }
      : { toneIn: null, toneOut: null, widthHz: null },
  profile: () => null,
  codeplug: () => ({}),
  shared: () => ({}),
  network: null,
};
