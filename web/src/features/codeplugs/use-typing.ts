/**
 * What is typed and pasted into the sheet of a radio: what can be taken becomes an edit, the rest is kept with its
 * reason.
 */
import { computed, shallowRef } from 'vue';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import { changedBy, type Paste, type PastePreview, previewPaste, putPaste } from './paste';
import { refusedKey, refusedWords } from './refused';
import { type RefusedCell, type SheetColumn, type TypedCell, typeCells } from './sheet';

/** A paste that waits for a decision. */
export interface Pasting {
  paste: Paste;
  /** The channel above the new ones. */
  likeId: string | null;
  preview: PastePreview;
}

export function wrongWords(count: number): string {
  return `${count} ${count === 1 ? 'cell was' : 'cells were'} not taken`;
}

export function useTyping(radioId: () => string, columns: () => readonly SheetColumn[]) {
  const store = usePlanStore();
  const refused = shallowRef(new Map<string, RefusedCell>());
  const pasting = shallowRef<Pasting | null>(null);

  const notTaken = computed(() => {
    const codeplug = store.plan?.codeplugs[radioId()];
    return codeplug ? refusedWords(refused.value.values(), codeplug, columns()) : [];
  });
  const leftOut = computed(() =>
    pasting.value ? refusedWords(pasting.value.preview.refused, pasting.value.preview.then, columns()) : [],
  );

  /** What was tried anew is judged anew. */
  function judge(tried: readonly TypedCell[], wrong: readonly RefusedCell[]): void {
    if (wrong.length === 0 && !tried.some((cell) => refused.value.has(refusedKey(cell)))) return;
    const next = new Map(refused.value);
    for (const cell of tried) next.delete(refusedKey(cell));
    for (const cell of wrong) next.set(refusedKey(cell), cell);
    refused.value = next;
  }

  function type(cells: TypedCell[], label: string): void {
    let wrong: RefusedCell[] = [];
    store.edit(label, (draft) => {
      wrong = typeCells(draft, radioId(), cells);
    });
    judge(cells, wrong);
    if (wrong[0]) store.notice = wrong.length > 1 ? `${wrongWords(wrong.length)}: see below.` : wrong[0].problem;
  }

  /** A paste that goes on below the last channel asks first; another is done at once, and only once. */
  function paste(what: Paste, likeId: string | null): void {
    if (what.beyond.length > 0)
      pasting.value = { paste: what, likeId, preview: previewPaste(store.plan!, radioId(), what, likeId) };
    else carryOutPaste({ paste: what, likeId });
  }

  function carryOutPaste({ paste: what, likeId }: Omit<Pasting, 'preview'>): void {
    pasting.value = null;
    let wrong: RefusedCell[] = [];
    const ids = what.beyond.map(() => newId('ch'));
    const before = store.plan!.codeplugs[radioId()]!;
    store.edit('paste', (draft) => {
      wrong = putPaste(draft, radioId(), what, ids, likeId);
    });
    judge(what.cells, wrong);
    const changed = changedBy(what, before, store.plan!.codeplugs[radioId()]!);
    const done = [
      `${changed} ${changed === 1 ? 'channel' : 'channels'} changed`,
      ids.length > 0 ? `${ids.length} new` : '',
      wrong.length > 0 ? `${wrongWords(wrong.length)}: see below` : '',
    ];
    store.notice = `Pasted: ${done.filter(Boolean).join(', ')}.`;
  }

  function pasteWhatFits(): void {
    const { paste: what, likeId } = pasting.value!;
    paste({ cells: what.cells, beyond: [] }, likeId);
  }

  /** The cell is as it was before it was typed into. */
  const giveUp = (cell: TypedCell): void => judge([cell], []);

  function forgetRefused(): void {
    refused.value = new Map();
    pasting.value = null;
  }

  return { refused, notTaken, type, paste, pasting, leftOut, carryOutPaste, pasteWhatFits, giveUp, forgetRefused };
}
