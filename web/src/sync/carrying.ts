import { type ShallowRef, shallowRef, watch } from 'vue';
import type { Carrying } from '../worker/maker-worker';
import { usePlanStore } from './plan-store';

/** The run sheet and the reprogramming list of the open plan, kept up to date; `null` until they are first known. */
export function useCarrying(): ShallowRef<Carrying | null> {
  const store = usePlanStore();
  const carrying = shallowRef<Carrying | null>(null);
  watch(
    () => store.agreement,
    async (agreement) => {
      const answer = agreement && (await store.carrying());
      // A newer plan has asked since.
      if (agreement === store.agreement) carrying.value = answer;
    },
    { immediate: true },
  );
  return carrying;
}
