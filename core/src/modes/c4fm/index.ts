import { build } from './build';
import { card } from './card';
import { directory } from './directory';
import { destinations, LOCAL, offer } from './links';
import { listed } from './listed';
import { runSheet } from './run-sheet';
import { settings } from './settings';
import { knownAs } from './words';
import { rehearse } from './rehearse';
import type { Mode } from '../mode';
import { traced } from './traced';

export const c4fm: Mode<'c4fm'> = {
  ...traced,
  withoutNetwork: () => [LOCAL],
  destinations,
  offer,
  knownAs,
  build,
  rehearse,
  runSheet,
  card,
  settings,
  directory,
  listed,
};
