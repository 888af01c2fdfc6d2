/** Every mode. A new one is a folder beside `dmr/` and a line here; the compiler names one that is missing. */
import { c4fm } from '../modes/c4fm';
import { dmr } from '../modes/dmr';
import { dstar } from '../modes/dstar';
import { fm } from '../modes/fm';
import type { Mode } from '../modes/mode';
import { p25 } from '../modes/p25';
import type { ModeId } from '../plan/types';

export const MODES: Readonly<Record<ModeId, Mode>> = { dmr, dstar, c4fm, p25, fm };

/** All that a mode provides. */
export function modeOf(id: ModeId): Mode {
  return MODES[id];
}

export { followingIndex, planIndex } from './traced';
