/** The modes, by the types that each brings from its folder. Adding a mode adds one line here; the plan derives the rest. */
import type { C4fmTypes } from './modes/c4fm/types';
import type { DmrTypes } from './modes/dmr/types';
import type { DstarTypes } from './modes/dstar/types';
import type { FmTypes } from './modes/fm/types';
import type { P25Types } from './modes/p25/types';

/** The only list of modes in types. `shared` is what a mode keeps once for the whole plan. */
export interface ModeTypes {
  dmr: DmrTypes;
  dstar: DstarTypes;
  c4fm: C4fmTypes;
  p25: P25Types;
  fm: FmTypes;
}

export type ModeId = keyof ModeTypes;

/** Modes that have networks. */
export type NetworkModeId = { [M in ModeId]: ModeTypes[M]['network'] extends null ? never : M }[ModeId];
