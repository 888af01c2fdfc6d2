import { type Ref, shallowRef, watch } from 'vue';
import type { Verdicts } from '@relay/core/agreement/agreement';
import type { Plan } from '@relay/core/plan/types';
import { usePlanStore } from './plan-store';

/**
 * A verdict that takes longer is not waited for, ms: that much a thousand cells may take. Drawing the plan without its
 * verdicts takes the machine from the worker that makes them.
 */
const PATIENCE_MS = 200;

export interface Settled {
  plan: Plan;
  verdicts: Verdicts | null;
}

/**
 * The open plan with its verdicts, one step after an edit instead of two where the verdict is quick: for what costs
 * much to draw. `null` while no plan is open.
 */
export function useSettled(): Ref<Settled | null> {
  const store = usePlanStore();
  const now = (): Settled | null => (store.plan ? { plan: store.plan, verdicts: store.verdicts } : null);
  const settled = shallowRef(now());
  let timer: ReturnType<typeof setTimeout> | null = null;
  const settle = () => {
    if (timer) clearTimeout(timer);
    timer = null;
    settled.value = now();
  };
  watch([() => store.plan, () => store.verdicts, () => store.isJudged], () => {
    if (store.isJudged || !settled.value) settle();
    else timer ??= setTimeout(settle, PATIENCE_MS);
  });
  return settled;
}
