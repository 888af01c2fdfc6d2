/**
 * The one care spreadsheets need: a cell that begins with = + - @ (or tab, CR) would be run as a formula, so it gets a
 * leading apostrophe, which reading takes away again. Signed numbers stay as they are.
 */
const RISKY = /^'*[=+\-@\t\r]/;
const PLAIN = /^[+-]\d+(\.\d+)?$/;

/** A cell that a spreadsheet would not run. */
export function harmless(cell: string): string {
  return RISKY.test(cell) && !PLAIN.test(cell) ? `'${cell}` : cell;
}

/** A cell without the apostrophe that `harmless` put before it. */
export function original(cell: string): string {
  return cell.startsWith("'") && RISKY.test(cell.slice(1)) && !PLAIN.test(cell.slice(1)) ? cell.slice(1) : cell;
}
