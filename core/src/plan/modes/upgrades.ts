/** What each mode makes of its share of a document of format 5. Apart from its data: only old documents need it. */
import type { ModeUpgrade } from '../mode-data';
import type { ModeId } from '../types';
import { upgrade as c4fm } from './c4fm/upgrade';
import { upgrade as dmr } from './dmr/upgrade';
import { upgrade as dstar } from './dstar/upgrade';
import { upgrade as fm } from './fm/upgrade';
import { upgrade as p25 } from './p25/upgrade';

export const MODE_UPGRADES: Readonly<Record<ModeId, ModeUpgrade>> = { dmr, dstar, c4fm, p25, fm };
