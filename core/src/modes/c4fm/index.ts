import type { Mode } from '../mode';
import { build, cross } from './build';
import { blankChannel, fields } from './channel';
import { fresh, knownAs } from './fresh';
import { CHANNEL_WIDTH_HZ } from './limits';
import { beside, destinations, offer, route } from './links';
import { runSheet } from './run-sheet';
import { trace } from './trace';
import { words } from './words';

export const c4fm: Mode<'c4fm'> = { id: 'c4fm', name: 'C4FM', widthHz: () => CHANNEL_WIDTH_HZ, beside, route, offer, trace, words, destinations, build, fields, blankChannel, runSheet, cross, fresh, knownAs };
