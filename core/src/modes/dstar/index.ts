import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ, GATEWAY_LETTER } from '../../plan/modes/dstar/limits';
import type { Mode } from '../mode';
import { moduleOf, readCommand, withModule } from './addresses';
import { build } from './build';
import { card } from './card';
import { blankChannel, fields } from './channel';
import { directory } from './directory';
import { destinations, offer, route, standing, typed, withoutNetwork } from './links';
import { listed } from './listed';
import { machine } from './machine';
import { runSheet } from './run-sheet';
import { settings } from './settings';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { knownAs, words } from './words';

const NO_MODULE = [' ', GATEWAY_LETTER];

export const dstar: Mode<'dstar'> = {
  id: 'dstar',
  name: MODE_DATA.dstar.name,
  widthHz: () => CHANNEL_WIDTH_HZ,
  isDirect: ({ dstar: { ur, rpt1, rpt2 } }) =>
    readCommand(ur).kind === 'call to all' && rpt1.trim() === '' && rpt2.trim() === '',
  // There is no code: whoever is on the frequency is heard.
  access: ({ dstar: block }) => (block ? 'D-STAR' : null),
  saidAt: {
    rpt1: {
      path: ['dstar', 'module'],
      value: (has: string) => moduleOf(has),
      // Another call sign, the gateway’s letter, or none in its place, is the channel’s fault.
      fits: (has: string, { dstar: block }) =>
        block !== null && !NO_MODULE.includes(moduleOf(has)) && withModule(block.callSign, moduleOf(has)) === has,
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
