import type { Mode } from '../mode';
import { build } from './build';
import { blankChannel, fields } from './channel';
import { fresh, knownAs } from './fresh';
import { CHANNEL_WIDTH_HZ } from './limits';
import { asked, beside, destinations, offer, route } from './links';
import { runSheet } from './run-sheet';
import { trace } from './trace';
import { words } from './words';

export const dstar: Mode<'dstar'> = { id: 'dstar', name: 'D-STAR', widthHz: () => CHANNEL_WIDTH_HZ, beside, asked, route, offer, trace, words, destinations, build, fields, blankChannel, runSheet, fresh, knownAs };
