/** Tables that list rows of others: zones and scan lists of channels, receive lists of contacts. */
import type { CellCodec } from '../../plan/kit';
import type { Column } from './column';
import { membersInCells, namesRows, type NamedColumn, type Target } from './targets';

export interface Members {
  target: Target;
  /** Columns that hold them: one cell with several, several columns, or one row for each. */
  columns: { column: Column; codec: CellCodec }[];
  rowPerMember: boolean;
  share: number;
  telling: number;
}

const stemOf = ({ plain }: Column) => plain.replace(/\d+/g, '#');
const isNumbered = ({ plain }: Column) => /\d/.test(plain);

/** Columns beside each other whose titles differ by a number, or which have none. */
function groupsOf(columns: readonly Column[]): Column[][] {
  const groups: Column[][] = [];
  for (const column of columns) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    const isSame =
      before && (before.plain === '' ? column.plain === '' : isNumbered(before) && stemOf(before) === stemOf(column));
    if (isSame) last!.push(column);
    else groups.push([column]);
  }
  return groups.filter((group) => group.length > 1);
}

function inColumns(columns: readonly Column[], targets: readonly Target[]): Members | null {
  for (const group of groupsOf(columns)) {
    for (const target of targets) {
      const known = group.map((column) => ({ column, named: column.filled > 0 ? namesRows(column, target) : null }));
      const by = known.flatMap(({ named }) => named ?? []).sort((a, b) => b.telling - a.telling)[0];
      if (!by) continue;
      // Without titles, the columns from the first to the last that names rows.
      const first = known.findIndex(({ named }) => named?.by === by.by);
      const isTitled = group[0]!.plain !== '';
      const mine = known.slice(first).filter(({ named, column }) => column.filled === 0 || named?.by === by.by);
      const filled = mine.filter(({ named }) => named !== null);
      if (
        filled.length < 2 ||
        (isTitled && filled.length < known.filter(({ column }) => column.filled > 0).length * 0.8)
      )
        continue;
      const codec: CellCodec = { as: 'named', role: target.role, by: by.by, none: by.none };
      return {
        target,
        columns: mine.map(({ column }) => ({ column, codec })),
        rowPerMember: false,
        share: filled.reduce((least, { named }) => Math.min(least, named!.share), 1),
        telling: by.telling + (isTitled ? 0.3 : 0),
      };
    }
  }
  return null;
}

/** One row for each member: the name of the list stands again and again. */
function inRows(columns: readonly Column[], targets: readonly Target[]): Members | null {
  const isRepeated = ({ texts, filled }: Column) => filled > 3 && texts.length < filled * 0.7;
  const found = columns.flatMap((column): { column: Column; named: NamedColumn }[] => {
    if (column.texts.length < 2) return [];
    const named = targets.map((target) => namesRows(column, target)).find((one) => one !== null && one.telling > 0.5);
    return named ? [{ column, named }] : [];
  });
  const [best] = found.sort((a, b) => b.column.texts.length - a.column.texts.length);
  const lists = columns.filter(
    (one) => one.at !== best?.column.at && isRepeated(one) && /\p{L}/u.test(one.texts[0]!.text),
  );
  if (!best || lists.length === 0) return null;
  const { target, by, none, share, telling } = best.named;
  const codec: CellCodec = { as: 'named', role: target.role, by, none };
  return { target, columns: [{ column: best.column, codec }], rowPerMember: true, share, telling };
}

/** How a table lists rows of one of the targets; `null` where it does not. */
export function findMembers(columns: readonly Column[], targets: readonly Target[]): Members | null {
  const inCells = columns
    .flatMap((column): Members[] => {
      const found = membersInCells(column, targets);
      if (!found) return [];
      const { target, by, separator, share, telling } = found;
      const codec: CellCodec = { as: 'members', role: target.role, by, separator };
      return [{ target, columns: [{ column, codec }], rowPerMember: false, share, telling }];
    })
    .sort((a, b) => b.telling * b.share - a.telling * a.share)[0];
  const others = [inCells, inColumns(columns, targets), inRows(columns, targets)];
  return others.find((one) => one && one.telling > 0.5) ?? others.find((one) => one) ?? null;
}
