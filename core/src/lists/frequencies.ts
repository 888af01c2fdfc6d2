/**
 * Frequencies and shifts of a list, cell by cell: units inside cells, units that differ within a column, points left
 * out.
 */
import { BAND_NAMES, bandByName } from '../units/bands';
import { plainDashes, type Quantity, readQuantity } from './numbers';

/** The bands of all regions taken together, Hz. */
const BANDS = BAND_NAMES.map((name) => bandByName(name)!);

/** Whether a frequency lies in an amateur band of any region. */
export const inBand = (hz: number): boolean => BANDS.some(({ lowHz, highHz }) => hz >= lowHz && hz <= highHz);

/** What the numbers of a column may be counted in, Hz. */
export const FACTORS = [1e6, 1e3, 1] as const;

const isFrequency = (hz: number) => hz > 1_000_000 && hz < 6_000_000_000;

/**
 * A frequency with its point left out: `1456125` is 145.6125 MHz. Only where one place for the point leads into a band.
 */
function impliedPoint(digits: string): number | null {
  const found = new Set<number>();
  for (let places = 1; places < digits.length; places += 1) {
    const hz = Math.round(Number(digits) * 10 ** (6 - places));
    if (inBand(hz)) found.add(hz);
  }
  return found.size === 1 ? [...found][0]! : null;
}

/** `factor`: what the column counts in; a cell that says its unit, or makes sense in another only, is taken by that. */
function hzOf({ value, unitHz, digits }: Quantity, factor: number): number | null {
  if (unitHz !== null) {
    const hz = Math.round(value * unitHz);
    return isFrequency(hz) ? hz : null;
  }
  for (const one of [factor, ...FACTORS]) {
    const hz = Math.round(value * one);
    if (inBand(hz)) return hz;
  }
  const implied = digits === null ? null : impliedPoint(digits);
  if (implied !== null) return implied;
  const hz = Math.round(value * factor);
  return isFrequency(hz) ? hz : null;
}

/** What a cell says of a site's frequencies. */
export interface FrequencyCell {
  hz: number;
  /** A second frequency, a shift (Hz), or its sign alone; `null` where the cell says no more. */
  more: { is: 'frequency'; hz: number } | { is: 'shift'; hz: number } | { is: 'sign'; sign: 1 | -1 } | null;
  /** Whether numbers are left that are none of these. */
  isPartRead?: true;
}

/** `439.425`, `439,425 MHz`, `439.425/431.825`, `439.425 -7.6`, `145.600-`. `null` for what is no frequency. */
export function readFrequencyCell(text: string, factor: number): FrequencyCell | null {
  const first = readQuantity(text);
  const hz = first && hzOf(first, factor);
  if (!first || hz === null) return null;
  const rest = plainDashes(first.rest).replace(/^[([]\s*/, '');
  if (/^[+-]$/.test(rest)) return { hz, more: { is: 'sign', sign: rest === '+' ? 1 : -1 } };
  if (!/\d/.test(rest)) return { hz, more: null };
  const second = readQuantity(rest.replace(/^[/|;,]\s*/, ''));
  if (!second) return { hz, more: null, isPartRead: true };
  const left: { isPartRead?: true } = /\d/.test(second.rest) ? { isPartRead: true } : {};
  const shift = /^[+-]/.test(rest) || /shift|offset|split/i.test(rest) ? shiftOf(second, 1e6) : null;
  if (shift !== null && !inBand(Math.abs(second.value) * 1e6)) return { hz, more: { is: 'shift', hz: shift }, ...left };
  const other = hzOf({ ...second, value: Math.abs(second.value) }, factor);
  return other === null ? { hz, more: null, isPartRead: true } : { hz, more: { is: 'frequency', hz: other }, ...left };
}

/** A frequency alone, Hz; `null` for a cell that holds none, or more. */
export function readFrequency(text: string, factor: number): number | null {
  const cell = readFrequencyCell(text, factor);
  return cell && cell.more === null && !cell.isPartRead ? cell.hz : null;
}

/** No repeater shifts by less than 10 kHz or more than 100 MHz. */
const isShift = (hz: number) => hz === 0 || (Math.abs(hz) >= 10_000 && Math.abs(hz) <= 100e6);

function shiftOf({ value, unitHz }: Quantity, factor: number): number | null {
  for (const one of unitHz === null ? [factor, ...FACTORS] : [unitHz]) {
    const hz = Math.round(value * one);
    if (isShift(hz)) return hz;
  }
  return null;
}

export type ShiftCell = { is: 'shift'; hz: number } | { is: 'sign'; sign: 1 | -1 } | { is: 'not said' };

/** `-7.6`, `−600 kHz`, `+`, `minus`, `simplex`; `null` for what is no shift. */
export function readShift(text: string, factor: number): ShiftCell | null {
  const plain = plainDashes(text).toLowerCase();
  if (plain === '' || plain === '?' || plain === 'n/a') return { is: 'not said' };
  if (/^(\+|plus|pos(itive)?|up)$/.test(plain)) return { is: 'sign', sign: 1 };
  if (/^(-|minus|neg(ative)?|down)$/.test(plain)) return { is: 'sign', sign: -1 };
  if (/^(s|simplex|none|no shift|off)$/.test(plain)) return { is: 'shift', hz: 0 };
  const found = readQuantity(plain);
  if (!found || /\d/.test(found.rest)) return null;
  const words = plain.slice(0, plain.search(/[\d.,]/));
  const negative = /minus|neg/.test(words) || /^-$|minus|neg/.test(found.rest);
  const hz = shiftOf(negative ? { ...found, value: -Math.abs(found.value) } : found, factor);
  return hz === null ? null : { is: 'shift', hz };
}
