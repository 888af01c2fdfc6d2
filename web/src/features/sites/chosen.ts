/** Sites that are ticked, wherever they were seen, on their way into the plan. */
import { ref, shallowRef } from 'vue';
import type { FiledSite } from '@relay/core/lists/filed';
import { keyOf } from './listed';

/** `shown`: the sites as they stand on the page now. */
export function useChosen(shown: () => readonly FiledSite[]) {
  const ticked = shallowRef<ReadonlySet<string>>(new Set());
  const adding = ref(false);
  const toAdd = shallowRef<readonly FiledSite[]>([]);
  const seen = new Map<string, FiledSite>();

  function remember(found: readonly FiledSite[]): void {
    for (const site of found) seen.set(keyOf(site), site);
  }

  function addAll(sites: readonly FiledSite[]): void {
    toAdd.value = sites;
    adding.value = true;
  }

  /** In the order of the page: nearest first, or along the way; what was ticked elsewhere comes after. */
  function addTicked(): void {
    const place = new Map(shown().map((site, at) => [keyOf(site), at]));
    const placeOf = (key: string) => place.get(key) ?? place.size;
    addAll(
      [...seen]
        .filter(([key]) => ticked.value.has(key))
        .sort(([a], [b]) => placeOf(a) - placeOf(b))
        .map(([, site]) => site),
    );
  }

  return { ticked, adding, toAdd, remember, addTicked, addAll };
}
