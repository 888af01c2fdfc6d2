/** What it takes to trace a channel of this mode and to show its fields: all that the checks need of it. */
import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ } from '../../plan/modes/p25/limits';
import { nacText } from './addresses';
import { blankChannel, fields } from './channel';
import { cross } from './cross';
import { route, standing } from './links';
import { machine } from './machine';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { words } from './words';
import type { TracedMode } from '../mode';

export const traced: TracedMode<'p25'> = {
  id: 'p25',
  name: MODE_DATA.p25.name,
  widthHz: () => CHANNEL_WIDTH_HZ,
  isDirect: () => true,
  opensFor: ({ p25: { nacRx } }) => String(nacRx),
  access: ({ p25: block }) => (block && block.nac !== null ? `NAC ${nacText(block.nac)}` : null),
  saidAt: { nac: { path: ['p25', 'nac'], value: (has) => has } },
  standing,
  ways,
  recall,
  route,
  trace,
  words,
  cross,
  machine,
  fields,
  blankChannel,
  files: {},
};
