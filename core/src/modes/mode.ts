/**
 * What a mode provides, whole: the contracts that stand with those who use them, joined. Each mode is a folder in which
 * the same role has the same file name; nothing outside asks which mode it is. Its checks stand in the registry of
 * checks, not here: pages need the modes, and only the worker needs the checks.
 */
import type { BuildingMode } from '../builder/mode-build';
import type { ModeCard } from '../card/mode-card';
import type { ModeCodeplug } from '../codeplug/mode-codeplug';
import type { ModeDirectory } from '../lists/mode-directory';
import type { ModeListed } from '../lists/mode-listed';
import type { ModePath } from '../path/mode-path';
import type { ModeId } from '../plan/types';
import type { ModeRehearse } from '../rehearse/mode-rehearse';
import type { ModeRunSheet } from '../run-sheet/mode-run-sheet';
import type { ModeSettings } from '../settings/setting';

/** What the checks need of a mode. Apart, so that the first verdicts need not wait for the rest of it. */
export type TracedMode<M extends ModeId = ModeId> = ModePath<M> & ModeCodeplug<M>;

export interface Mode<M extends ModeId = ModeId> extends BuildingMode<M> {
  rehearse: ModeRehearse<M>;
  runSheet: ModeRunSheet;
  card: ModeCard;
  /** Its part of a hotspot's settings; for modes that a hotspot can have. */
  settings?: ModeSettings;
  listed: ModeListed<M>;
  /** For modes whose networks list what can be called. */
  directory?: ModeDirectory;
}
