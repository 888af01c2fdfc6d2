import { MODE_DATA } from '../../plan/modes';
import { FM_WIDTHS_HZ } from '../../plan/modes/fm/limits';
import type { Mode } from '../mode';
import { build } from './build';
import { blankChannel, fields } from './channel';
import { LOCAL, offer, route } from './links';
import { listed } from './listed';
import { trace } from './trace';
import { words } from './words';

const WIDEST_HZ = Math.max(...FM_WIDTHS_HZ);

/** A mode without networks: it adds no steps to a run sheet, and nothing is called by number. */
export const fm: Mode<'fm'> = {
  id: 'fm',
  name: MODE_DATA.fm.name,
  widthHz: (values) => values?.fm.widthHz ?? WIDEST_HZ,
  withoutNetwork: () => [LOCAL],
  route,
  trace,
  words,
  fields,
  blankChannel,
  files: {},
  destinations: () => [],
  offer,
  knownAs: () => '',
  build,
  runSheet: { hotspot: () => [], radio: () => [], steps: () => [] },
  card: () => [],
  listed,
};
