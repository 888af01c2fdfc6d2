/**
 * Reading and writing the trade's quantities. What people type is taken kindly; what cannot be read is `null`, never a
 * guess.
 */

/** `439125000` → `439.1250`; more decimals only where they are needed to say the value exactly. */
export function formatMHz(hz: number): string {
  const text = (hz / 1e6).toFixed(6);
  return text.replace(/(\.\d{4}\d*?)0+$/, '$1');
}

/** Signed: `-7600000` → `-7.6`, `0` → `0`. */
export function formatShiftMHz(hz: number): string {
  if (hz === 0) return '0';
  return (hz > 0 ? '+' : '') + String(Number((hz / 1e6).toFixed(6)));
}

/**
 * MHz with point or comma, with or without unit; kHz and Hz where the unit says so. Whole Hz, `null` when unreadable.
 */
export function parseMHz(text: string): number | null {
  const match = /^([+-]?)\s*(\d+(?:[.,]\d*)?|[.,]\d+)\s*(mhz|khz|hz)?$/i.exec(text.trim().replace('−', '-'));
  if (!match) return null;
  const factor = { mhz: 1e6, khz: 1e3, hz: 1 }[(match[3] ?? 'mhz').toLowerCase() as 'mhz' | 'khz' | 'hz'];
  const value = Math.round(Number(match[2]!.replace(',', '.')) * factor);
  return Number.isFinite(value) ? (match[1] === '-' ? -value || 0 : value) : null;
}

/** The largest frequency that a plan holds, Hz. */
export const MOST_HZ = 6_000_000_000;

/**
 * The frequency in MHz that was meant by digits that are none, as `439.1250`: those of a frequency in kHz or Hz, or
 * with the point left out; `null` where nothing of the kind comes out between 1 MHz and 6 GHz.
 */
export function meantMHz(text: string): string | null {
  const digits = text.replace(/[\s.,'_]/g, '').replace(/mhz$/i, '');
  if (!/^\d{4,10}$/.test(digits)) return null;
  const value = Number(digits);
  // Hz and kHz first; then three digits before the point, as most bands of handhelds have.
  const found = [value, value * 1e3, Number(`${digits.slice(0, 3)}.${digits.slice(3)}`) * 1e6].find(
    (hz) => hz >= 100e6 && hz <= MOST_HZ,
  );
  return found === undefined ? null : formatMHz(Math.round(found));
}

/** A whole number without sign; spaces between digits are taken away (`999 2417`). */
export function parseWhole(text: string): number | null {
  const digits = text.replace(/[\s\u00a0]/g, '');
  return /^\d{1,9}$/.test(digits) ? Number(digits) : null;
}

/** `+11 dBm`: whole decibels, with the sign. */
export function formatDbm(dbm: number): string {
  return `${dbm < 0 ? '−' : '+'}${Math.abs(dbm).toFixed(0)} dBm`;
}
