import { rows } from './table';
import type { Hotspot, Id, Plan, RecallSlot, Repeater } from './types';

/** One's own, in the plan's order. */
export function hotspotsOf(plan: Plan): Hotspot[] {
  return rows(plan.sites).filter((site) => site.kind === 'hotspot');
}

/** Other people's, in the plan's order. */
export function repeatersOf(plan: Plan): Repeater[] {
  return rows(plan.sites).filter((site) => site.kind === 'repeater');
}

/** A slot in which a hotspot stores a profile; `undefined` where there is none such. */
export function slotOf(plan: Plan, { siteId, slotId }: { siteId: Id; slotId: Id }): RecallSlot | undefined {
  const site = plan.sites.byId[siteId];
  return site?.kind === 'hotspot' ? site.recall.byId[slotId] : undefined;
}

export type Reach = 'reached' | 'not reached' | 'not said';

/** Whether a site's gateway reaches a network; where it is said to reach none, nobody has said which. */
export function reachOf({ networkIds }: { networkIds: readonly Id[] }, networkId: Id): Reach {
  if (networkIds.includes(networkId)) return 'reached';
  return networkIds.length === 0 ? 'not said' : 'not reached';
}
