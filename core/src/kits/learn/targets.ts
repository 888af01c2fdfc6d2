/** Which cells name rows of another table, and by what: name, number, key, or place. */
import type { CellCodec, KitRole, NamedBy } from '../../plan/kit';
import { listItems } from '../../tables/spanned';
import { type Column, shareOf } from './column';
import { NOTHING, plainWord } from '../plain';
import { itemsOf } from '../refs';

/** A table whose rows others name. */
export interface Target {
  role: KitRole;
  names: ReadonlySet<string>;
  /** Of contacts: the numbers they call. */
  numbers: ReadonlySet<string>;
  /** What stands in the column that numbers the rows. */
  keys: ReadonlySet<string>;
  rows: number;
}

/** Ways in which a text can name a row of a target, the most telling first. */
function waysTo(target: Target): { by: NamedBy; fits: (text: string) => boolean; telling: number }[] {
  const isRow = (text: string, from: number) =>
    /^\d{1,6}$/.test(text) && Number(text) >= from && Number(text) < target.rows + from;
  return [
    { by: 'name', fits: (text) => target.names.has(text.trim()), telling: 1 },
    {
      by: 'number',
      fits: (text) => target.numbers.has(String(Number(text))) && /^\d+$/.test(text.trim()),
      telling: 0.9,
    },
    { by: 'key', fits: (text) => target.keys.has(text.trim()), telling: 0.5 },
    { by: 'row', fits: (text) => isRow(text.trim(), 1), telling: 0.4 },
    { by: 'row from 0', fits: (text) => isRow(text.trim(), 0), telling: 0.35 },
  ];
}

export interface NamedColumn {
  target: Target;
  by: NamedBy;
  none: string;
  /** How many of the cells name a row, 0 to 1. */
  share: number;
  telling: number;
}

/** No row at all: a word for it, zero, or a number below all others. */
const isNothing = (text: string) => NOTHING.test(plainWord(text)) || /^(0+|-1)$/.test(text.trim());

/** How the cells of a column name rows of a target; `null` where most do not. */
export function namesRows(column: Column, target: Target): NamedColumn | null {
  if (target.rows === 0) return null;
  for (const { by, fits, telling } of waysTo(target)) {
    const none = column.texts.find(({ text }) => !fits(text) && isNothing(text))?.text ?? '';
    const share = shareOf(column, (text) => fits(text) || text === none);
    const naming = column.texts.filter(({ text }) => fits(text)).length;
    if (share >= 0.9 && naming > 0) return { target, by, none, share, telling };
  }
  return null;
}

/** What can stand between members in one cell. `list`: a list of XML or JSON. */
const SEPARATORS = ['|', ';', ',', '/', '\n', '\t', ' '] as const;

/** A separator with the spaces that the cells have around it. */
function asWritten(separator: string, texts: readonly string[]): string {
  if (separator === 'list' || /\s/.test(separator)) return separator;
  const around = [` ${separator} `, `${separator} `].find((one) => {
    const many = texts.filter((text) => text.includes(separator));
    return many.every((text) => text.split(one).length === text.split(separator).length);
  });
  return around ?? separator;
}

/** Members in one cell, as a column has them: the separator that makes most of them name rows. */
export function membersInCells(
  column: Column,
  targets: readonly Target[],
): (Omit<NamedColumn, 'none'> & { separator: string }) | null {
  if (column.filled === 0) return null;
  const isList = column.texts.every(({ text }) => listItems(text) !== null);
  const found = (isList ? ['list'] : SEPARATORS).flatMap((separator) => {
    const cells = column.texts.map(({ text }) => itemsOf(text, separator));
    const items = cells.flat();
    if (items.length === 0 || (!isList && cells.every((one) => one.length < 2))) return [];
    return targets.flatMap((target) =>
      waysTo(target).flatMap(({ by, fits, telling }) => {
        const share = items.filter(fits).length / items.length;
        const written = asWritten(
          separator,
          column.texts.map(({ text }) => text),
        );
        return share >= 0.85 ? [{ target, by, separator: written, share, telling }] : [];
      }),
    );
  });
  return found.sort((a, b) => b.telling * b.share - a.telling * a.share)[0] ?? null;
}

export const namedCodec = ({ target, by, none }: NamedColumn): CellCodec => ({
  as: 'named',
  role: target.role,
  by,
  none,
});
