/**
 * A range from a spreadsheet on its way into the sheet: what lands in cells that are there, and what goes on below
 * them.
 */
import { sameJson } from '@relay/core/plan/patches';
import { edit } from '@relay/core/plan/edit';
import { newChannel } from '@relay/core/registries/builder';
import { putRow } from '@relay/core/plan/table';
import type { Codeplug, Id, Plan } from '@relay/core/plan/types';
import { type RefusedCell, type TypedCell, typeCells } from './sheet';

export interface Paste {
  /** What lands in channels that are there. */
  cells: TypedCell[];
  /** One line for each row below the last channel: its cells. */
  beyond: { columnId: string; text: string }[][];
}

export interface PastePreview {
  /** Channels that would read otherwise. */
  changed: number;
  fresh: number;
  refused: RefusedCell[];
  /** The codeplug as it would be. */
  then: Codeplug;
}

interface Range {
  x: number;
  y: number;
  x1: number;
  y1: number;
}

/** The block goes in from the upper left; a single value fills the whole range. */
export function spread(
  block: readonly (readonly string[])[],
  channelIds: readonly Id[],
  columnIds: readonly string[],
  range: Range,
): Paste {
  const single = block.length === 1 && block[0]!.length === 1;
  const height = single ? range.y1 - range.y + 1 : block.length;
  const paste: Paste = { cells: [], beyond: [] };
  for (let dy = 0; dy < height; dy += 1) {
    const line = single ? Array.from({ length: range.x1 - range.x + 1 }, () => block[0]![0]!) : block[dy]!;
    const cells = line.flatMap((text, dx) => {
      const columnId = columnIds[range.x + dx];
      return columnId === undefined ? [] : [{ columnId, text }];
    });
    const channelId = channelIds[range.y + dy];
    if (channelId !== undefined) paste.cells.push(...cells.map((cell) => ({ channelId, ...cell })));
    // An empty line makes no channel.
    else if (cells.some(({ text }) => text.trim() !== '')) paste.beyond.push(cells);
  }
  return paste;
}

/**
 * Puts a paste into a draft: new channels are like the one above them. What cannot be read changes nothing and comes
 * back with its reason.
 * @param freshIds one for each row beyond
 */
export function putPaste(
  draft: Plan,
  radioId: Id,
  { cells, beyond }: Paste,
  freshIds: readonly Id[],
  likeId: Id | null,
): RefusedCell[] {
  const { channels } = draft.codeplugs[radioId]!;
  const like = likeId === null ? null : (channels.byId[likeId] ?? null);
  const more = beyond.flatMap((line, at): TypedCell[] => {
    const channel = newChannel(draft, radioId, { id: freshIds[at]!, purpose: 'talk', like });
    putRow(channels, channel);
    return line.map((cell) => ({ channelId: channel.id, ...cell }));
  });
  return typeCells(draft, radioId, [...cells, ...more]);
}

/** How many of the channels that it lands in read otherwise after a paste. */
export function changedBy({ cells }: Paste, before: Codeplug, after: Codeplug): number {
  const ids = [...new Set(cells.map((cell) => cell.channelId))];
  return ids.filter((id) => !sameJson(before.channels.byId[id], after.channels.byId[id])).length;
}

/** What a paste would do, nothing done. */
export function previewPaste(plan: Plan, radioId: Id, paste: Paste, likeId: Id | null): PastePreview {
  let refused: RefusedCell[] = [];
  const freshIds = paste.beyond.map((_, at) => `pasted-${at}`);
  const { plan: then } = edit(plan, (draft) => {
    refused = putPaste(draft, radioId, paste, freshIds, likeId);
  });
  const after = then.codeplugs[radioId]!;
  return { changed: changedBy(paste, plan.codeplugs[radioId]!, after), fresh: freshIds.length, refused, then: after };
}
