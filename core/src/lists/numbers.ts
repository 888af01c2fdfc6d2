/** Numbers as other people's lists write them: any dash for a minus, point or comma, words and units around. */

/**
 * What stands for a minus: the dashes of Unicode, the soft hyphen, and what the dashes of old code pages turn into when
 * their bytes are read as ISO-8859-1 or Windows-1252: Ð and Ñ (Mac), Ä (code pages 437 and 850), the control characters
 * 96 and 97 hex.
 */
const DASHES = /[\p{Pd}\u2212\u00ad\u02d7\u207b\u208b\u2796\u0096\u0097]/gu;
const MISREAD_DASH = /^[ÐÑÄ](?=\s*[\d.,]|$)/;

/** The text with every kind of dash as `-`, other widths and heights of digits as plain ones. */
export function plainDashes(text: string): string {
  return text.replace(DASHES, '-').normalize('NFKC').trim().replace(MISREAD_DASH, '-');
}

/** Digits without what groups them: `439 425 000`, `439.425.000`, `1,234.5`; a decimal comma becomes a point. */
function plainDigits(text: string): string {
  const dense = text
    .replace(/^([+-])\s+/, '$1')
    .replace(/(?<=^[+-]?\d{1,3}(?:[\s'’]\d{3})*)[\s'’](?=\d{3}(?!\d))/g, '');
  const [points, commas] = [dense.split('.').length - 1, dense.split(',').length - 1];
  if (points > 1 && commas <= 1) return dense.replaceAll('.', '').replace(',', '.');
  if (commas > 1) return dense.replaceAll(',', '');
  if (points === 1 && commas === 1)
    return dense.indexOf(',') < dense.indexOf('.') ? dense.replace(',', '') : dense.replace('.', '').replace(',', '.');
  return dense.replace(',', '.');
}

/** A number and nothing else; `null` for anything that is none. */
export function readNumber(text: string): number | null {
  const plain = plainDigits(plainDashes(text));
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

export type FrequencyUnit = 'GHz' | 'MHz' | 'kHz' | 'Hz';

const UNIT_HZ: Readonly<Record<FrequencyUnit, number>> = { GHz: 1e9, MHz: 1e6, kHz: 1e3, Hz: 1 };

/** A number with a unit behind it and words around: `Out: 439,425 MHz (narrow)`. */
export interface Quantity {
  /** With its sign. */
  value: number;
  /** Hz a unit; `null` where none is said. */
  unitHz: number | null;
  /** The digits alone, as they stand, for a point that was left out; `null` where there is a point. */
  digits: string | null;
  /** What is behind it. */
  rest: string;
}

/** Spaces and apostrophes stand between groups of three digits only. */
const NUMBER = String.raw`[+-]?\s*(?:\d{1,3}(?:[\s'’]\d{3}(?!\d))+(?:[.,]\d+)?|\d[\d.,]*|[.,]\d+)`;
const QUANTITY = new RegExp(String.raw`^[^\d+\-.,]*(${NUMBER})\s*(ghz|mhz|khz|hz|m|k)?(?![a-z])(.*)$`, 'i');

/** The first number of a text, with its unit; `null` where there is none. */
export function readQuantity(text: string): Quantity | null {
  const match = QUANTITY.exec(plainDashes(text));
  if (!match) return null;
  const value = readNumber(match[1]!.trim().replace(/[.,]$/, ''));
  if (value === null) return null;
  const said = match[2]?.toLowerCase();
  const unit = (Object.keys(UNIT_HZ) as FrequencyUnit[]).find(
    (one) => one.toLowerCase() === said || one[0]!.toLowerCase() === said,
  );
  const digits = /^[+-]?\d+$/.test(match[1]!.trim()) ? match[1]!.trim().replace(/^[+-]/, '') : null;
  return { value, unitHz: unit ? UNIT_HZ[unit] : null, digits, rest: match[3]!.trim() };
}
