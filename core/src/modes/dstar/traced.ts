/** What it takes to trace a channel of this mode and to show its fields: all that the checks need of it. */
import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ, GATEWAY_LETTER } from '../../plan/modes/dstar/limits';
import { moduleOf, readCommand, withModule } from './addresses';
import { blankChannel, fields } from './channel';
import { busy, route, standing } from './links';
import { machine } from './machine';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { words } from './words';
import type { TracedMode } from '../mode';

const NO_MODULE = [' ', GATEWAY_LETTER];

export const traced: TracedMode<'dstar'> = {
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
  busy,
  ways,
  recall,
  route,
  trace,
  words,
  machine,
  fields,
  blankChannel,
  files: {},
};
