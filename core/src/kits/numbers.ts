/** Numbers as cells have them: point or comma, signs, units behind them. */

const NUMBER = /^([+-]?)\s*(\d+(?:[.,]\d+)?|[.,]\d+)\s*([a-z]*)$/i;

export interface CellNumber {
  value: number;
  decimals: number;
  comma: boolean;
  plus: boolean;
  suffix: string;
}

/** A number with point or comma, and what stands behind it; `null` for anything else. */
export function numberIn(cell: string): CellNumber | null {
  const match = NUMBER.exec(cell.trim().replace('−', '-'));
  if (!match) return null;
  const [, sign, digits, unit] = match;
  const value = Number(digits!.replace(',', '.')) * (sign === '-' ? -1 : 1);
  const suffix =
    unit === ''
      ? ''
      : cell
          .trim()
          .slice(cell.trim().length - unit!.length - (/\s/.test(cell.trim().at(-unit!.length - 1) ?? '') ? 1 : 0));
  return {
    value,
    decimals: /[.,](\d*)$/.exec(digits!)?.[1]?.length ?? 0,
    comma: digits!.includes(','),
    plus: sign === '+',
    suffix,
  };
}

/** Exactly so many digits. */
export function roundedTo(value: number, digits: number, comma: boolean): string {
  const text = value.toFixed(digits);
  return comma ? text.replace('.', ',') : text;
}

/** As many digits as asked for, and more where the value needs them. */
export function withDecimals(value: number, [least, most]: readonly [number, number], comma: boolean): string {
  const needed = (String(Number(value.toFixed(9))).split('.')[1] ?? '').length;
  const text = value.toFixed(Math.max(least, needed, 0));
  const shown = needed <= most ? text : value.toFixed(Math.max(needed, most));
  return comma ? shown.replace('.', ',') : shown;
}
