import { MODE_DATA } from '../../plan/modes';
import { CHANNEL_WIDTH_HZ } from '../../plan/modes/c4fm/limits';
import type { Mode } from '../mode';
import { NO_TONE, type SiteTone } from '../../units/tones';
import { build } from './build';
import { card } from './card';
import { blankChannel, fields } from './channel';
import { cross } from './cross';
import { directory } from './directory';
import { files } from './files';
import { destinations, LOCAL, offer, route, standing } from './links';
import { listed } from './listed';
import { machine } from './machine';
import { groupIdText } from './rooms';
import { runSheet } from './run-sheet';
import { settings } from './settings';
import { trace } from './trace';
import { recall } from './recall-call';
import { ways } from './ways';
import { knownAs, words } from './words';

export const c4fm: Mode<'c4fm'> = {
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
