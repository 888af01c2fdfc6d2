/**
 * Tables within a text with a structure (XML, JSON): each cell knows where it stands, so that only what changes is
 * written. A new row is the text of the fullest row with its cells replaced.
 */
import { type Splice, splice } from './splice';
import { type Decoded, encodeText } from './encoding';
import { type FileKindId, type FileTable, hasEdits, type OpenFile, type TableEdit } from './table-file';

/** A cell in its place. */
export interface Leaf {
  start: number;
  end: number;
  text: string;
  /** What stands there for another text. */
  put(text: string): string;
}

export interface SpannedRow {
  line: number;
  start: number;
  end: number;
  /** By the title of the column. */
  leaves: Map<string, Leaf>;
  /** Puts in a cell that the row does not have; `null` where it cannot. */
  insert(title: string, text: string): Splice | null;
}

export interface SpannedTable {
  part: string;
  rows: SpannedRow[];
  /** What stands between two rows: a comma, a line end. */
  between: string;
}

/** The titles of the columns, in the order in which rows first have them. */
function titlesOf({ rows }: SpannedTable): string[] {
  return [...new Set(rows.flatMap((row) => [...row.leaves.keys()]))];
}

/** A list within a cell: JSON, so that no separator can be part of what it lists. */
export const listText = (items: readonly (string | number)[]): string => JSON.stringify(items);

/** The items of a list within a cell; `null` where the cell is none. */
export function listItems(text: string): string[] | null {
  if (!text.startsWith('[')) return null;
  try {
    const items: unknown = JSON.parse(text);
    return Array.isArray(items) ? items.map(String) : null;
  } catch {
    return null;
  }
}

/** The table without the places of its cells. */
function fileTable(table: SpannedTable): FileTable {
  const titles = titlesOf(table);
  return {
    part: table.part,
    header: titles,
    width: titles.length,
    rows: table.rows.map(({ line, leaves }) => ({ line, cells: titles.map((title) => leaves.get(title)?.text ?? '') })),
  };
}

function newRow(text: string, template: SpannedRow, titles: readonly string[], cells: readonly string[]): string {
  const changes = titles.flatMap((title, at): Splice[] => {
    const leaf = template.leaves.get(title);
    const next = cells[at] ?? '';
    if (!leaf) return next === '' ? [] : [template.insert(title, next)].filter((one) => one !== null);
    return leaf.text === next ? [] : [{ start: leaf.start, end: leaf.end, text: leaf.put(next) }];
  });
  const inside = changes.map(({ start, end, text: next }) => ({
    start: start - template.start,
    end: end - template.start,
    text: next,
  }));
  return splice(text.slice(template.start, template.end), inside);
}

/** The changes that an edit of one table makes to the text. */
function spannedChanges(text: string, table: SpannedTable, edit: TableEdit): Splice[] {
  const { rows, between } = table;
  const titles = titlesOf(table);
  const changes: Splice[] = [];
  const isLeft = (at: number) => !edit.removed.has(at);
  const firstLeft = rows.findIndex((_, at) => isLeft(at));
  rows.forEach((row, at) => {
    if (!isLeft(at)) {
      // With what stands between it and the one before; the first ones with what stands behind them.
      if (firstLeft < 0) {
        if (at === 0) changes.push({ start: row.start, end: rows.at(-1)!.end, text: '' });
      } else if (at < firstLeft) changes.push({ start: row.start, end: rows[at + 1]!.start, text: '' });
      else changes.push({ start: rows[at - 1]!.end, end: row.end, text: '' });
      return;
    }
    for (const [column, next] of edit.cells.get(at) ?? []) {
      const leaf = row.leaves.get(titles[column]!);
      if (leaf) changes.push({ start: leaf.start, end: leaf.end, text: leaf.put(next) });
      else if (next !== '') {
        const put = row.insert(titles[column]!, next);
        if (put) changes.push(put);
      }
    }
  });
  if (edit.added.length === 0 || rows.length === 0) return changes;
  const template = rows.reduce((best, one) => (one.leaves.size > best.leaves.size ? one : best));
  const added = edit.added.map((cells) => newRow(text, template, titles, cells)).join(between);
  if (firstLeft < 0) changes[0] = { ...changes[0]!, text: added };
  else changes.push({ start: rows.at(-1)!.end, end: rows.at(-1)!.end, text: between + added });
  return changes;
}

/** A text whose tables know where they stand, as an open file. */
export function spannedFile(
  kind: FileKindId,
  dialect: string,
  bytes: Uint8Array,
  decoded: Decoded,
  found: readonly SpannedTable[],
): OpenFile {
  return {
    kind,
    dialect,
    encoded: decoded,
    tables: found.map(fileTable),
    faults: [],
    write(edits) {
      if (!hasEdits(edits)) return Promise.resolve(bytes);
      const changes = found.flatMap((table) => {
        const edit = edits.get(table.part);
        return edit ? spannedChanges(decoded.text, table, edit) : [];
      });
      return Promise.resolve(encodeText(splice(decoded.text, changes), decoded));
    },
  };
}
