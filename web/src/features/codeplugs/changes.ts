/** Many cells changed at once: the same value, counting up, or one text for another. What comes out are typed cells. */
import type { SheetRow, TypedCell } from './sheet';

/** The same text in a column of each row. */
export function sameInAll(rows: readonly SheetRow[], columnId: string, text: string): TypedCell[] {
  return rows.map(({ id }) => ({ channelId: id, columnId, text }));
}

const PARTS = /^(.*?)([+-]?\d+(?:\.(\d+))?)(\D*)$/su;

/**
 * A series: the last number of the first text goes up by a step from row to row, as many digits behind the point as
 * either has. `Call 09` by 1 goes on with `Call 10`, `439.125` by 0.0125 with `439.1375`.
 * @returns `null` where the first text has no number
 */
export function series(rows: readonly SheetRow[], columnId: string, first: string, step: string): TypedCell[] | null {
  // A decimal comma is a point in a number that stands alone.
  const found = PARTS.exec(first.trim().replace(/^([+-]?\d+),(\d+)$/, '$1.$2'));
  const by = Number(step.trim().replace(',', '.'));
  if (!found || step.trim() === '' || !Number.isFinite(by)) return null;
  const [, before, number, decimals = '', after] = found as unknown as [
    string,
    string,
    string,
    string | undefined,
    string,
  ];
  // A hyphen within a text is no sign.
  const isSigned = /^[+-]/.test(number) && before === '';
  const [lead, digits] = isSigned || !/^[+-]/.test(number) ? [before, number] : [before + number[0], number.slice(1)];
  const places = Math.max(decimals.length, (/[.,](\d+)/.exec(step)?.[1] ?? '').length);
  const scale = 10 ** places;
  const [start, stepped] = [Math.round(Number(digits) * scale), Math.round(by * scale)];
  const padded = places === 0 && !isSigned && /^0\d/.test(digits) ? digits.length : 0;
  return rows.map(({ id }, at) => {
    const value = (start + at * stepped) / scale;
    const plus = digits.startsWith('+') && value > 0 ? '+' : '';
    return { channelId: id, columnId, text: `${lead}${plus}${value.toFixed(places).padStart(padded, '0')}${after}` };
  });
}

/** One text for another, wherever it stands in these columns; small and capital letters are one unless `exact`. */
export function replaceIn(
  rows: readonly SheetRow[],
  columnIds: readonly string[],
  find: string,
  put: string,
  exact = false,
): TypedCell[] {
  if (find === '') return [];
  const sought = new RegExp(find.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), exact ? 'gu' : 'giu');
  return rows.flatMap((row) =>
    columnIds.flatMap((columnId) => {
      const now = String(row[columnId] ?? '');
      const text = now.replace(sought, () => put);
      return text === now ? [] : [{ channelId: row.id, columnId, text }];
    }),
  );
}
