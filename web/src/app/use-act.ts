import { watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/**
 * Does what the address asks for (`?act=add`) when the page opens, or is asked again, and takes it out of the address.
 */
export function useAct(acts: (name: string) => (() => void) | undefined): void {
  const route = useRoute();
  const router = useRouter();
  watch(
    () => route.query['act'],
    async (name) => {
      const act = typeof name === 'string' ? acts(name) : undefined;
      if (!act) return;
      const { act: _, ...query } = route.query;
      await router.replace({ query });
      act();
    },
    { immediate: true },
  );
}
