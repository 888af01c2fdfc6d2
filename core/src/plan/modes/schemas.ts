/** The schemas of what each mode keeps in a plan. Apart from its data: only what validates a document needs them. */
import type { ModeSchemas } from '../schema-parts';
import type { ModeId } from '../types';
import { schemas as c4fm } from './c4fm/schema';
import { schemas as dmr } from './dmr/schema';
import { schemas as dstar } from './dstar/schema';
import { schemas as fm } from './fm/schema';
import { schemas as p25 } from './p25/schema';

export const MODE_SCHEMAS: Readonly<Record<ModeId, ModeSchemas>> = { dmr, dstar, c4fm, p25, fm };
