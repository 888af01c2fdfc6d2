/** What each mode shows. A new mode is a folder beside these, and a line here; the compiler names one that is missing. */
import { MODE_IDS, NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import type { ModeId, NetworkModeId } from '@relay/core/plan/types';
import { parts as c4fm } from '../c4fm';
import { parts as dmr } from '../dmr';
import { parts as dstar } from '../dstar';
import { parts as fm } from '../fm';
import { parts as p25 } from '../p25';
import type { ModeParts } from './parts';

export const MODE_PARTS: { readonly [M in ModeId]: ModeParts<M> } = { dmr, dstar, c4fm, p25, fm };

/** Each mode with what it shows, in the order of the plan. */
export const ALL_PARTS: readonly (readonly [ModeId, ModeParts])[] = MODE_IDS.map((id) => [id, MODE_PARTS[id]] as const);

/** The same for the modes that have networks. */
export const NETWORK_PARTS: readonly (readonly [NetworkModeId, ModeParts<NetworkModeId>])[] = NETWORK_MODE_IDS.map(
  (id) => [id, MODE_PARTS[id]] as const,
);
