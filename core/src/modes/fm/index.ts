import { build } from './build';
import { LOCAL, offer } from './links';
import { listed } from './listed';
import { rehearse } from './rehearse';
import type { Mode } from '../mode';
import { traced } from './traced';

export const fm: Mode<'fm'> = {
  ...traced,
  withoutNetwork: () => [LOCAL],
  destinations: () => [],
  offer,
  knownAs: () => '',
  build,
  rehearse,
  runSheet: { hotspot: () => [], radio: () => [], steps: () => [] },
  card: () => [],
  listed,
};
