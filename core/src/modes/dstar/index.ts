import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ } from '../../plan/modes/dstar/limits';
import type { Mode } from '../mode';
import { build } from './build';
import { card } from './card';
import { blankChannel, fields } from './channel';
import { directory } from './directory';
import { destinations, offer, route, typed, withoutNetwork } from './links';
import { listed } from './listed';
import { machine } from './machine';
import { runSheet } from './run-sheet';
import { sheet } from './sheet';
import { trace } from './trace';
import { knownAs, words } from './words';

export const dstar: Mode<'dstar'> = {
  id: 'dstar',
  name: MODE_DATA.dstar.name,
  widthHz: () => CHANNEL_WIDTH_HZ,
  withoutNetwork,
  typed,
  route,
  trace,
  words,
  machine,
  fields,
  blankChannel,
  files: {},
  destinations,
  offer,
  knownAs,
  build,
  runSheet,
  card,
  sheet,
  directory,
  listed,
};
