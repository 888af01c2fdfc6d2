/** The cell of the sheet that is open for typing: opened with what was typed before, left without losing anything. */
import { ref } from 'vue';
import type { RefusedCell, SheetColumn, SheetRow, TypedCell } from './sheet';
import type { Selected } from './use-selection';

/** What the grid tells of an edit: of one cell, or of a range. */
export interface EditDetail {
  model?: SheetRow;
  prop?: string;
  val?: unknown;
  models?: Record<number, SheetRow>;
  data?: Record<number, Record<string, unknown>>;
}

interface Sheet {
  element: () => HTMLRevoGridElement;
  /** Where the focus is. */
  look: () => Promise<Selected | null>;
  /** The same as it was found last. */
  last: () => Selected | null;
  columns: () => readonly SheetColumn[];
  refusedAt: (row: SheetRow, columnId: string) => RefusedCell | undefined;
  type: (cell: TypedCell) => void;
  giveUp: (cell: TypedCell) => void;
}

export function useCellEditor({ element, look, last, columns, refusedAt, type, giveUp }: Sheet) {
  /** Meanwhile the sheet stands still: redrawing it would close the cell. */
  const typing = ref<{ row: SheetRow; columnId: string } | null>(null);

  /** What was not taken is there to be corrected. */
  async function putRefused(row: SheetRow, columnId: string): Promise<void> {
    const refused = refusedAt(row, columnId);
    if (!refused) return;
    for (let frame = 0; frame < 10; frame += 1) {
      await new Promise((go) => requestAnimationFrame(go));
      const input = element().querySelector<HTMLInputElement>('revogr-edit input');
      if (!input) continue;
      input.value = refused.text;
      input.select();
      return;
    }
  }

  function onEditStart(event: CustomEvent): void {
    const { model, prop, val } = event.detail as EditDetail;
    const row = model ?? last()?.visible[last()!.range.y];
    typing.value = row && prop ? { row, columnId: prop } : null;
    if (row && prop && !val) void putRefused(row, prop);
  }

  /** F2: the grid tells of no edit that begins this way. */
  async function openCell(): Promise<void> {
    const now = await look();
    const column = now && columns()[now.range.x];
    const row = now?.visible[now.range.y];
    if (!now || !row || !column?.editable) return;
    typing.value = { row, columnId: column.id };
    await element().setCellEdit(now.range.y, column.id);
    await putRefused(row, column.id);
  }

  /** Whatever takes the focus away, another step or a button: what was typed stays. */
  function onLeave({ target }: FocusEvent): void {
    if (!typing.value || !(target instanceof HTMLInputElement) || !target.closest('revogr-edit')) return;
    const { row, columnId } = typing.value;
    typing.value = null;
    if (String(row[columnId] ?? '') !== target.value) type({ channelId: row.id, columnId, text: target.value });
  }

  /** The value is as it was before anything was typed, now or earlier. */
  function leaveByEscape(): void {
    const refused = typing.value && refusedAt(typing.value.row, typing.value.columnId);
    typing.value = null;
    if (refused) giveUp(refused);
  }

  return { typing, onEditStart, onLeave, openCell, leaveByEscape };
}
