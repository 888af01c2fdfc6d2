import { rows } from './table';
import type { Hotspot, Id, Plan, Repeater } from './types';

/** One's own, in the plan's order. */
export function hotspotsOf(plan: Plan): Hotspot[] {
  return rows(plan.sites).filter((site) => site.kind === 'hotspot');
}

/** Other people's, in the plan's order. */
export function repeatersOf(plan: Plan): Repeater[] {
  return rows(plan.sites).filter((site) => site.kind === 'repeater');
}

export type Reach = 'reached' | 'not reached' | 'not said';

/** Whether a site's gateway reaches a network; where it is said to reach none, nobody has said which. */
export function reachOf({ networkIds }: { networkIds: readonly Id[] }, networkId: Id): Reach {
  if (networkIds.includes(networkId)) return 'reached';
  return networkIds.length === 0 ? 'not said' : 'not reached';
}
