/**
 * Look-ups for a page itself, made once per version of the plan; what is long is asked of the worker. Apart from the store:
 * they know every mode, and the first screen shown needs none of them.
 */
import { computed, type ComputedRef } from 'vue';
import type { PlanIndex } from '@relay/core/path/types';
import type { Plan } from '@relay/core/plan/types';
import { planIndex } from '@relay/core/registries/modes';
import { usePlanStore } from './plan-store';

const made = new WeakMap<Plan, PlanIndex>();

function lookUpsOf(plan: Plan): PlanIndex {
  const index = made.get(plan) ?? planIndex(plan);
  made.set(plan, index);
  return index;
}

/** Of the open plan, in the world as the user says it is; `null` while no plan is open. */
export function usePlanIndex(): ComputedRef<PlanIndex | null> {
  const store = usePlanStore();
  return computed(() => (store.plan ? lookUpsOf(store.plan).with(store.world) : null));
}
