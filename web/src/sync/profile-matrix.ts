import { type ShallowRef, shallowRef, watch } from 'vue';
import type { ProfileMatrix } from '@relay/core/agreement/profile-matrix';
import { usePlanStore } from './plan-store';

/** Which paths through a hotspot are whole under which profile, kept up to date; `null` until that is first known. */
export function useProfileMatrix(siteId: () => string | undefined): ShallowRef<ProfileMatrix | null> {
  const store = usePlanStore();
  const matrix = shallowRef<ProfileMatrix | null>(null);
  watch(
    [() => store.agreement, siteId],
    async ([agreement, id]) => {
      const answer = agreement && id ? await store.ask((worker) => worker.profileMatrix(id)) : null;
      // A newer plan, or another hotspot, has asked since.
      if (agreement === store.agreement && id === siteId()) matrix.value = answer;
    },
    { immediate: true },
  );
  return matrix;
}
