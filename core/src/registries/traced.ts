/**
 * Every mode as the checks need it, and indexes made with them: without what builders, files and sheets need beside.
 */
import { traced as c4fm } from '../modes/c4fm/traced';
import { traced as dmr } from '../modes/dmr/traced';
import { traced as dstar } from '../modes/dstar/traced';
import { traced as fm } from '../modes/fm/traced';
import type { TracedMode } from '../modes/mode';
import { traced as p25 } from '../modes/p25/traced';
import { FollowingIndex } from '../path/following-index';
import { indexPlan, type IndexOptions } from '../path/plan-index';
import type { PlanIndex } from '../path/types';
import type { ModeId, Plan } from '../plan/types';

export const TRACED_MODES: Readonly<Record<ModeId, TracedMode>> = { dmr, dstar, c4fm, p25, fm };

/** The index of a plan with every mode. */
export function planIndex(plan: Plan, options: Omit<IndexOptions, 'modes'> = {}): PlanIndex {
  return indexPlan(plan, { modes: TRACED_MODES, ...options });
}

/** An index with every mode that follows a plan from edit to edit. */
export function followingIndex(plan: Plan, options: Omit<IndexOptions, 'modes'> = {}): FollowingIndex {
  return new FollowingIndex(plan, { modes: TRACED_MODES, ...options });
}
