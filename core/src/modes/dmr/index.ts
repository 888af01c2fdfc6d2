import type { Mode } from '../mode';
import { build } from './build';
import { cross } from './cross';
import { blankChannel, fields } from './channel';
import { CHANNEL_WIDTH_HZ } from './limits';
import { fresh, knownAs } from './fresh';
import { destinations, route } from './links';
import { offer } from './repeater';
import { runSheet } from './run-sheet';
import { trace } from './trace';
import { words } from './words';

export const dmr: Mode<'dmr'> = { id: 'dmr', name: 'DMR', widthHz: () => CHANNEL_WIDTH_HZ, beside: () => [], route, offer, trace, words, destinations, build, fields, blankChannel, runSheet, cross, fresh, knownAs };
