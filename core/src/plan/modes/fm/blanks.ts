/** What a radio or a site has of FM before anything was said of it. */
import type { ModeBlanks } from '../../mode-data';
import { FM_WIDTHS_HZ } from './limits';

export const blanks: ModeBlanks<'fm'> = {
  radio: () => ({ widthsHz: [...FM_WIDTHS_HZ] }),
  site: ({ station }) => ({ toneIn: null, toneOut: null, widthHz: station.fmWidthHz }),
  profile: () => null,
  codeplug: () => ({}),
  shared: () => ({}),
  network: null,
};
