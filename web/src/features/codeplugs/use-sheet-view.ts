/** What of a radio's sheet is shown: which rows, and which columns. */
import { computed, type ComputedRef, ref } from 'vue';
import type { ModeId } from '@relay/core/plan/types';
import type { Verdict } from '@relay/core/path/types';
import { columnSets, keepColumns, keptColumns } from './column-sets';
import { rowFilter } from './filter-rows';
import type { SheetColumn, SheetRow } from './sheet';

export function useSheetView(
  columns: ComputedRef<SheetColumn[]>,
  rows: ComputedRef<SheetRow[]>,
  modes: ComputedRef<readonly ModeId[]>,
) {
  const words = ref('');
  const verdict = ref<Verdict | ''>('');
  const setId = ref('all');
  const own = ref(keptColumns(localStorage));
  const sets = computed(() => columnSets(columns.value, modes.value, own.value));
  /** Another radio may not have what was chosen: then all of its columns. */
  const chosen = computed(() => sets.value.find(({ id }) => id === setId.value) ?? sets.value[0]!);
  /** The same list while nothing of it changes, or the grid would draw itself anew. */
  const shownColumns = computed<SheetColumn[]>((before) => {
    const now = chosen.value.of(columns.value);
    return before?.length === now.length && now.every((column, at) => column === before[at]) ? before : now;
  });
  const filter = computed(() => rowFilter(words.value, columns.value));
  const shown = computed(() => {
    if (words.value.trim() === '' && verdict.value === '') return rows.value;
    return rows.value.filter(
      (row) => (verdict.value === '' || row.verdict === verdict.value) && filter.value.takes(row),
    );
  });

  function chooseOwn(ids: readonly string[]): void {
    own.value = [...ids];
    keepColumns(localStorage, ids);
    setId.value = 'own';
  }

  return { words, verdict, setId, own, sets, chosen, shownColumns, filter, shown, chooseOwn };
}

export type SheetView = ReturnType<typeof useSheetView>;
