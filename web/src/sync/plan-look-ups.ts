/**
 * Look-ups for a page itself, made once per version of the plan; what is long is asked of the worker. Apart from the store:
 * they know every mode, and the first screen shown needs none of them.
 */
import { computed, type ComputedRef } from 'vue';
import type { AroundSite } from '@relay/core/path/around';
import type { PlanIndex } from '@relay/core/path/types';
import type { Plan } from '@relay/core/plan/types';
import { planIndex } from '@relay/core/registries/modes';
import { usePlanStore } from './plan-store';

const made = new WeakMap<Plan, { index: PlanIndex; around: readonly AroundSite[] }>();

function lookUpsOf(plan: Plan, around: readonly AroundSite[]): PlanIndex {
  const known = made.get(plan);
  if (known?.around === around) return known.index;
  const index = planIndex(plan, { around });
  made.set(plan, { index, around });
  return index;
}

/** Of the open plan, in the world as the user says it is; `null` while no plan is open. */
export function usePlanIndex(): ComputedRef<PlanIndex | null> {
  const store = usePlanStore();
  return computed(() => (store.plan ? lookUpsOf(store.plan, store.around).with(store.world) : null));
}
