/** Every mode. A new one is a folder beside `dmr/` and a line here; the compiler names one that is missing. */
import { c4fm } from '../modes/c4fm';
import { dmr } from '../modes/dmr';
import { dstar } from '../modes/dstar';
import { fm } from '../modes/fm';
import type { Mode } from '../modes/mode';
import { p25 } from '../modes/p25';
import type { ModeId, Plan } from '../plan/types';
import { FollowingIndex } from '../path/following-index';
import { indexPlan, type IndexOptions } from '../path/plan-index';
import type { PlanIndex } from '../path/types';

export const MODES: Readonly<Record<ModeId, Mode>> = { dmr, dstar, c4fm, p25, fm };

/** All that a mode provides. */
export function modeOf(id: ModeId): Mode {
  return MODES[id];
}

/** The index of a plan with every mode. */
export function planIndex(plan: Plan, options: Omit<IndexOptions, 'modes'> = {}): PlanIndex {
  return indexPlan(plan, { modes: MODES, ...options });
}

/** An index with every mode that follows a plan from edit to edit. */
export function followingIndex(plan: Plan, options: Omit<IndexOptions, 'modes'> = {}): FollowingIndex {
  return new FollowingIndex(plan, { modes: MODES, ...options });
}
