import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ, DIRECT_GROUP, SYSTEM_COLOR_CODE } from '../../plan/modes/dmr/limits';
import type { Mode } from '../mode';
import { build } from './build';
import { card } from './card';
import { blankChannel, fields } from './channel';
import { cross } from './cross';
import { directory } from './directory';
import { files } from './files';
import { destinations, route, typed, withoutNetwork } from './links';
import { listed } from './listed';
import { machine } from './machine';
import { offer } from './repeater';
import { runSheet } from './run-sheet';
import { standing } from './standing';
import { settings } from './settings';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { knownAs, words } from './words';

export const dmr: Mode<'dmr'> = {
  id: 'dmr',
  name: MODE_DATA.dmr.name,
  widthHz: () => CHANNEL_WIDTH_HZ,
  isDirect: ({ dmr: { call } }) => call.kind === 'group' && call.number === DIRECT_GROUP,
  access: ({ dmr: block }) => (block && block.colorCode !== null ? `color code ${block.colorCode}` : null),
  saidAt: {
    'color-code': {
      path: ['dmr', 'colorCode'],
      value: (has) => has,
      // That one is not for stations.
      fits: (has: number) => has !== SYSTEM_COLOR_CODE,
    },
  },
  standing,
  ways,
  recall,
  withoutNetwork,
  typed,
  route,
  trace,
  words,
  cross,
  machine,
  fields,
  blankChannel,
  files,
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
