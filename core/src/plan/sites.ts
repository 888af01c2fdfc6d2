import { rows } from './table';
import type { Hotspot, Plan, Repeater } from './types';

/** One's own, in the plan's order. */
export function hotspotsOf(plan: Plan): Hotspot[] {
  return rows(plan.sites).filter((site) => site.kind === 'hotspot');
}

/** Other people's, in the plan's order. */
export function repeatersOf(plan: Plan): Repeater[] {
  return rows(plan.sites).filter((site) => site.kind === 'repeater');
}
