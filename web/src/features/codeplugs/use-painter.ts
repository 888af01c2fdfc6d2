/** The painter of the sheet: what each cell says, and how it is marked. */
import { onBeforeUnmount, onMounted, type ShallowRef } from 'vue';
import { CellPainter } from './cell-painter';
import type { RefusedCell, SheetColumn, SheetRow } from './sheet';
import { contentOf } from './sheet-cells';

interface Sheet {
  /** What holds the grid. */
  root: Readonly<ShallowRef<HTMLElement | null>>;
  /** How many columns are frozen. */
  pinned: number;
  columns: () => readonly SheetColumn[];
  /** The channel that is looked at. */
  selected: () => string | null;
  refusedAt: (row: SheetRow, columnId: string) => RefusedCell | undefined;
  /** Whether the frozen cells of a row belong to a range that begins on their right. */
  isTakenIn: (rowIndex: number) => boolean;
}

/** Draws from when the sheet is there until it goes. */
export function usePainter({ root, pinned, columns, selected, refusedAt, isTakenIn }: Sheet): CellPainter {
  const isPinned = (side: string) => side === 'colPinStart';
  /** The grid counts columns anew behind the frozen ones. */
  const placeOf = (side: string, at: number) => (isPinned(side) ? at : at + pinned);
  const painter = new CellPainter({
    columnNumber: (side, at) => placeOf(side, at) + 1,
    // Other columns may have been chosen, and the grid has not placed them yet.
    content: (side, at, row) => {
      const column = columns()[placeOf(side, at)];
      return column ? contentOf(column, row, refusedAt) : { text: '', beside: null };
    },
    classes: (side, at, row, rowIndex) => {
      const column = columns()[placeOf(side, at)];
      return [
        column?.right ? 'is-right' : '',
        column?.spaces ? 'is-spaced' : '',
        column?.id === 'name' ? 'is-name' : '',
        column?.editable ? '' : 'disabled',
        row.id === selected() ? 'is-selected' : '',
        isPinned(side) && isTakenIn(rowIndex) ? 'is-taken-in' : '',
      ].join(' ');
    },
  });
  let detach = () => {};
  onMounted(() => (detach = painter.attach(root.value!)));
  onBeforeUnmount(() => detach());
  return painter;
}
