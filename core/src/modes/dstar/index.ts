import { build } from './build';
import { card } from './card';
import { directory } from './directory';
import { destinations, offer, typed, withoutNetwork } from './links';
import { listed } from './listed';
import { runSheet } from './run-sheet';
import { settings } from './settings';
import { knownAs } from './words';
import { rehearse } from './rehearse';
import type { Mode } from '../mode';
import { traced } from './traced';

export const dstar: Mode<'dstar'> = {
  ...traced,
  withoutNetwork,
  typed,
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
