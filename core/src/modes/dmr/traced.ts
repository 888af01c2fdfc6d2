/** What it takes to trace a channel of this mode and to show its fields: all that the checks need of it. */
import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ, DIRECT_GROUP, SYSTEM_COLOR_CODE } from '../../plan/modes/dmr/limits';
import { blankChannel, fields } from './channel';
import { cross } from './cross';
import { files } from './files';
import { route } from './links';
import { machine } from './machine';
import { busy, standing } from './standing';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { words } from './words';
import type { TracedMode } from '../mode';

export const traced: TracedMode<'dmr'> = {
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
  busy,
  opensFor: ({ dmr: { slot, colorCode } }) => `${slot} ${colorCode}`,
  ways,
  recall,
  route,
  trace,
  words,
  cross,
  machine,
  fields,
  blankChannel,
  files,
};
