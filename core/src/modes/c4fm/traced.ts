/** What it takes to trace a channel of this mode and to show its fields: all that the checks need of it. */
import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ } from '../../plan/modes/c4fm/limits';
import { NO_TONE, type SiteTone } from '../../units/tones';
import { blankChannel, fields } from './channel';
import { cross } from './cross';
import { files } from './files';
import { busy, route, standing } from './links';
import { machine } from './machine';
import { groupIdText } from './rooms';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { words } from './words';
import type { TracedMode } from '../mode';

export const traced: TracedMode<'c4fm'> = {
  id: 'c4fm',
  name: MODE_DATA.c4fm.name,
  widthHz: () => CHANNEL_WIDTH_HZ,
  isDirect: ({ c4fm: { room } }) => room === '',
  access: ({ c4fm: block }) => (block && block.groupIdIn !== null ? `group ${groupIdText(block.groupIdIn)}` : null),
  saidAt: {
    'group-id': { path: ['c4fm', 'groupIdIn'], value: (has) => has },
    'group-id-heard': { path: ['c4fm', 'groupIdOut'], value: (has) => has },
    'fm-tone': { path: ['fm', 'toneIn'], value: (has: SiteTone) => has ?? NO_TONE },
    'fm-tone-heard': { path: ['fm', 'toneOut'], value: (has: SiteTone) => has ?? NO_TONE },
  },
  standing,
  busy,
  opensFor: ({ c4fm: { groupRx, receive } }) => `${groupRx} ${receive}`,
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
