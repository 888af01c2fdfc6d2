import type { Mode } from '../mode';
import { build } from './build';
import { blankChannel, fields } from './channel';
import { checks } from './checks';
import { CHANNEL_WIDTH_HZ } from './limits';
import { destinations, route } from './links';
import { trace } from './trace';
import { words } from './words';

export const dmr: Mode = { id: 'dmr', name: 'DMR', channelWidthHz: CHANNEL_WIDTH_HZ, route, trace, words, destinations, build, fields, blankChannel, checks };
