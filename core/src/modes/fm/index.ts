import type { Mode } from '../mode';
import { build } from './build';
import { blankChannel, fields } from './channel';
import { FM_WIDTHS_HZ } from './limits';
import { destinations, LOCAL, offer, route } from './links';
import { trace } from './trace';
import { words } from './words';

const WIDEST_HZ = Math.max(...FM_WIDTHS_HZ);

export const fm: Mode<'fm'> = { id: 'fm', name: 'FM', widthHz: (values) => values?.fm.widthHz ?? WIDEST_HZ, beside: () => [LOCAL], route, offer, trace, words, destinations, build, fields, blankChannel, runSheet: { hotspot: () => [], radio: () => [], steps: () => [], card: () => [] }, fresh: { radio: () => ({ widthsHz: [...FM_WIDTHS_HZ] }), site: ({ station }) => ({ toneIn: null, toneOut: null, widthHz: station.fmWidthHz }) }, knownAs: () => '' };
