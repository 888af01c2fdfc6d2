import { dmr } from './dmr';
import type { Mode } from './mode';

export type ModeId = Mode['id'];

/** Every mode. A new one is a folder beside `dmr/` and a line here. */
export const MODES: Readonly<Record<ModeId, Mode>> = { dmr };

export const MODE_IDS = Object.keys(MODES) as ModeId[];
