/**
 * What is selected in the sheet, in columns counted from the frozen one. The grid knows ranges on one side of the
 * frozen edge only; one that begins at the name and goes on to the right is put together here.
 */
import { ref, type ShallowRef, shallowRef } from 'vue';
import type { SheetRow } from './sheet';

export interface Range {
  x: number;
  y: number;
  x1: number;
  y1: number;
}

export interface Selected {
  range: Range;
  /** The rows as they stand: sorted and filtered. */
  visible: SheetRow[];
}

const PINNED = 'colPinStart';
type Side = typeof PINNED | 'rgCol';

/** @param pinned how many columns are frozen */
export function useSelection(grid: Readonly<ShallowRef<{ $el: HTMLRevoGridElement } | null>>, pinned: number) {
  const selected = shallowRef<Selected | null>(null);
  /** The range on the right takes in the frozen columns too. */
  const takesName = ref(false);
  const element = (): HTMLRevoGridElement => grid.value!.$el;

  async function look(): Promise<Selected | null> {
    const focused = await element().getFocused();
    if (!focused) return null;
    const range = await element().getSelectedRange();
    const visible = (await element().getVisibleSource()) as SheetRow[];
    const onSide = (focused.colType as Side) === PINNED;
    const { x, y } = focused.cell;
    const raw = range && range.colType === focused.colType ? range : { x, y, x1: x, y1: y };
    const shift = onSide ? 0 : pinned;
    if (onSide) takesName.value = false;
    return {
      range: { x: takesName.value ? 0 : raw.x + shift, y: raw.y, x1: raw.x1 + shift, y1: raw.y1 },
      visible,
    };
  }

  async function remember(): Promise<Selected | null> {
    return (selected.value = await look());
  }

  /** From the name on to a column on the right. `x1`: counted from the first column that is not frozen. */
  async function spanFromName(y: number, x1: number, y1: number): Promise<void> {
    takesName.value = true;
    await element().setCellsFocus({ x: 0, y: Math.min(y, y1) }, { x: x1, y: Math.max(y, y1) }, 'rgCol', 'rgRow');
    await remember();
  }

  async function selectAll(columns: number): Promise<void> {
    const visible = (await element().getVisibleSource()) as SheetRow[];
    if (visible.length > 0) await spanFromName(0, columns - pinned - 1, visible.length - 1);
  }

  /** Shift and an arrow to the right, from the name. @returns whether it was that */
  function extendsOverEdge(event: KeyboardEvent): boolean {
    const now = selected.value;
    if (event.key !== 'ArrowRight' || !event.shiftKey || !now || now.range.x1 >= pinned) return false;
    void spanFromName(now.range.y, 0, now.range.y1);
    return true;
  }

  /** A press with Shift on the right of the edge, after one on the name. @returns whether it was that */
  function pressedOverEdge(event: MouseEvent): boolean {
    const now = selected.value;
    const cell = (event.target as HTMLElement).closest<HTMLElement>('.rgCell[data-rgcol]');
    const isRight = cell?.closest('.rgCol')?.classList.contains(PINNED) === false;
    if (!event.shiftKey || !cell || !isRight || !now || now.range.x > 0) return false;
    void spanFromName(now.range.y, Number(cell.dataset['rgcol']), Number(cell.dataset['rgrow']));
    return true;
  }

  /** A press or an arrow without Shift begins a range anew. */
  function beginAnew(): void {
    takesName.value = false;
  }

  return { selected, takesName, remember, selectAll, extendsOverEdge, pressedOverEdge, beginAnew };
}
