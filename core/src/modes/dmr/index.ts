import type { Mode } from '../mode';
import { build } from './build';
import { fields } from './channel';
import { checks } from './checks';
import { CHANNEL_WIDTH_HZ } from './limits';
import { destinations, route } from './links';
import { trace } from './trace';

export const dmr: Mode = { id: 'dmr', name: 'DMR', channelWidthHz: CHANNEL_WIDTH_HZ, route, trace, destinations, build, fields, checks };
