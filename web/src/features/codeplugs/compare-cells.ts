/** The order of a column's cells: numbers by size, other texts by their letters and the numbers within; empty last. */
import type { SheetRow } from './sheet';

const TEXTS = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
const NUMBER = /^[+-]?\d+(\.\d+)?$/;

/** As a comparison of rows by one column. */
export function compareCells(columnId: string): (a: SheetRow, b: SheetRow) => number {
  // A sort asks for each cell a dozen times.
  const numbers = new Map<string, number | null>();
  const numberOf = (text: string): number | null => {
    let known = numbers.get(text);
    if (known === undefined) numbers.set(text, (known = NUMBER.test(text) ? Number(text) : null));
    return known;
  };
  return (a, b) => {
    const [one, other] = [String(a[columnId] ?? ''), String(b[columnId] ?? '')];
    if (one === other) return 0;
    if (one === '' || other === '') return one === '' ? 1 : -1;
    const [first, second] = [numberOf(one), numberOf(other)];
    if (first !== null && second !== null) return first - second;
    if (first !== null || second !== null) return first !== null ? -1 : 1;
    return TEXTS.compare(one, other);
  };
}
