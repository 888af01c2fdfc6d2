/** Cells that were typed or pasted and cannot be taken: kept as they were typed, each with its reason. */
import type { Codeplug } from '@relay/core/plan/types';
import type { RefusedCell, SheetColumn } from './sheet';

/** A refused cell as people find it. */
export interface RefusedWords extends RefusedCell {
  key: string;
  /** Its row in the codeplug, from 1. */
  row: number;
  channel: string;
  column: string;
}

export function refusedKey({ channelId, columnId }: Pick<RefusedCell, 'channelId' | 'columnId'>): string {
  return `${channelId}/${columnId}`;
}

/** In the order of the codeplug, then of the columns; without what is of a channel that is gone. */
export function refusedWords(
  cells: Iterable<RefusedCell>,
  codeplug: Codeplug,
  columns: readonly SheetColumn[],
): RefusedWords[] {
  const rowOf = new Map(codeplug.channels.order.map((id, at) => [id, at + 1]));
  const columnAt = new Map(columns.map((column, at) => [column.id, at]));
  return [...cells]
    .filter((cell) => cell.channelId in codeplug.channels.byId)
    .map((cell) => ({
      ...cell,
      key: refusedKey(cell),
      row: rowOf.get(cell.channelId)!,
      channel: codeplug.channels.byId[cell.channelId]!.name,
      column: columns.find((one) => one.id === cell.columnId)?.title ?? cell.columnId,
    }))
    .sort((a, b) => a.row - b.row || (columnAt.get(a.columnId) ?? 0) - (columnAt.get(b.columnId) ?? 0));
}
