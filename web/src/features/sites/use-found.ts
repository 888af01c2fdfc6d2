/** Sites of the lists: the nearest, or those that have some words; a page at a time. */
import { computed, onBeforeUnmount, type Ref, ref, shallowRef, watch } from 'vue';
import type { FiledSite, FoundSite, FoundSites } from '@relay/core/lists/filed';
import type { Position } from '@relay/core/plan/types';
import { api, type SiteFilter } from '../../sync/api';

const PAGE = 60;
const MOST = 1000;

interface Asked {
  from: Readonly<Ref<Position | null>>;
  filter: Readonly<Ref<SiteFilter>>;
  /** Words by which a site is sought, wherever it is. */
  sought: Readonly<Ref<string>>;
  /** Only sites of which nobody has said where they are. */
  onlyUnplaced: Readonly<Ref<boolean>>;
}

export function useFound(
  { from, filter, sought, onlyUnplaced }: Asked,
  remember: (sites: readonly FiledSite[]) => void,
  problem: Ref<string>,
) {
  const sites = shallowRef<FoundSite[] | null>(null);
  /** How many there are at least: one more than shown where there are more. */
  const total = ref(0);
  const wanted = ref(PAGE);
  const unplaced = ref(0);
  const isSought = computed(() => sought.value !== '' || onlyUnplaced.value);
  let asking: AbortController | null = null;

  /** One more than is shown tells whether there are more. */
  async function nearest(place: Position, signal: AbortSignal): Promise<FoundSites> {
    const found = await api.near(place, Math.min(MOST, wanted.value + 1), filter.value, signal);
    return { sites: found.slice(0, wanted.value), total: found.length };
  }

  async function load(): Promise<void> {
    asking?.abort();
    if (!from.value && !isSought.value) return;
    const { signal } = (asking = new AbortController());
    problem.value = '';
    try {
      const more = { ...filter.value, from: from.value, onlyUnplaced: onlyUnplaced.value };
      const found = isSought.value
        ? await api.find(sought.value, wanted.value, more, signal)
        : await nearest(from.value!, signal);
      [sites.value, total.value] = [found.sites, found.total];
      remember(found.sites);
      // What has no place is in no order by distance: it is told how many there are.
      unplaced.value = (await api.find('', 1, { ...filter.value, from: null, onlyUnplaced: true }, signal)).total;
    } catch (error) {
      if (!signal.aborted) problem.value = (error as Error).message;
    }
  }

  function showMore(): void {
    wanted.value = Math.min(MOST, wanted.value * 2);
    void load();
  }

  const hasMore = computed(() => total.value > (sites.value?.length ?? 0) && wanted.value < MOST);
  const countWords = computed(() => {
    const shown = sites.value?.length ?? 0;
    const what = onlyUnplaced.value ? 'without a position' : isSought.value ? 'found' : 'nearest';
    if (total.value <= shown) return `${shown.toLocaleString('en')} ${what}, all of them`;
    return isSought.value
      ? `${shown.toLocaleString('en')} of ${total.value.toLocaleString('en')} ${what}`
      : `the ${shown.toLocaleString('en')} nearest; there are more`;
  });

  watch(
    [from, filter, sought, onlyUnplaced],
    () => {
      wanted.value = PAGE;
      void load();
    },
    { deep: true },
  );
  onBeforeUnmount(() => asking?.abort());
  return { sites, isSought, hasMore, countWords, unplaced, load, showMore };
}
