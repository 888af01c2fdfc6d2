import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ } from '../../plan/modes/p25/limits';
import type { Mode } from '../mode';
import { nacText } from './addresses';
import { build } from './build';
import { card } from './card';
import { blankChannel, fields } from './channel';
import { cross } from './cross';
import { directory } from './directory';
import { destinations, LOCAL, offer, route, standing } from './links';
import { listed } from './listed';
import { machine } from './machine';
import { runSheet } from './run-sheet';
import { settings } from './settings';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { knownAs, words } from './words';

export const p25: Mode<'p25'> = {
  id: 'p25',
  name: MODE_DATA.p25.name,
  widthHz: () => CHANNEL_WIDTH_HZ,
  isDirect: () => true,
  access: ({ p25: block }) => (block && block.nac !== null ? `NAC ${nacText(block.nac)}` : null),
  saidAt: { nac: { path: ['p25', 'nac'], value: (has) => has } },
  standing,
  ways,
  recall,
  withoutNetwork: () => [LOCAL],
  route,
  trace,
  words,
  cross,
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
  settings,
  directory,
  listed,
};
