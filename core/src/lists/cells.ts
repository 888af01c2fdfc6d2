/** Reading single cells of lists. What cannot be read is `null`. */
import type { ListedModes } from './mode-listed';
import type { ListedMode, ListedSite } from './types';

/** A number with point or decimal comma and any kind of minus. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(/[−–]/, '-').replace(/\s/g, '');
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain)) return null;
  return Number(plain.replace(',', '.'));
}

/** Degrees, or degrees with minutes and seconds, with N, S, E or W before or after. */
export function readCoordinate(text: string): number | null {
  const plain = readNumber(text);
  if (plain !== null) return Math.abs(plain) <= 180 ? plain : null;
  const letters = text.toUpperCase().match(/[NSEWO]/g) ?? [];
  const parts = text.replace(/,(?=\d)/g, '.').match(/\d+(?:\.\d+)?/g);
  if (!parts || parts.length > 3 || letters.length > 1 || /[A-DF-MP-RT-VX-Z]/i.test(text)) return null;
  const [degrees = 0, minutes = 0, seconds = 0] = parts.map(Number);
  if (minutes >= 60 || seconds >= 60) return null;
  const value = degrees + minutes / 60 + seconds / 3600;
  const negative = letters[0] === 'S' || letters[0] === 'W' || /^\s*[-−]/.test(text);
  return value <= 180 ? (negative ? -value : value) : null;
}

/** The modes that a text names. */
export function readModes(text: string, modes: ListedModes): ListedMode[] {
  return Object.values(modes)
    .filter(({ listed }) => listed.named.test(text))
    .map(({ name }) => name);
}

/** `yes`, `x`, `1` … as opposed to `no`, `0`, `-` or nothing. */
export function readYes(text: string): boolean | null {
  const plain = text.trim().toLowerCase();
  if (/^(yes|y|true|x|1|on|\+|✓)$/.test(plain)) return true;
  return /^(no|n|false|0|off|-|–|)$/.test(plain) ? false : null;
}

/** Talk groups of a slot; `d` or `dyn` behind a number says that it is taken up only when keyed: `417 591d`. */
export function readCarried(text: string): { number: number; static: boolean }[] {
  return [...text.matchAll(/(\d+)\s*(\(?d(?:yn\w*)?\b\)?)?/gi)]
    .map(([, digits, dynamic]) => ({ number: Number(digits), static: dynamic === undefined }))
    .filter(({ number }) => number >= 1 && number <= 0xfffcdf);
}

/** Names apart by commas, semicolons or bars. */
export function readNames(text: string): string[] {
  return text
    .split(/[,;|/]/)
    .map((part) => part.trim())
    .filter((part) => part !== '' && part !== '-')
    .slice(0, 20);
}

/** Talk groups of a slot: numbers apart by anything but digits. */
export function readGroups(text: string): number[] {
  return (text.match(/\d+/g) ?? []).map(Number).filter((number) => number >= 1 && number <= 0xfffcdf);
}

/** On or off the air, by the usual words; `null` for a text that says neither. */
export function readStatus(text: string): ListedSite['status'] | null {
  const plain = text.trim().toLowerCase();
  if (/^(on|on[ -](the )?air|active|operational|up|ok|yes)$/.test(plain)) return 'on the air';
  if (/^(off|off[ -](the )?air|inactive|down|closed|no|planned)$/.test(plain)) return 'off the air';
  return plain === '' || plain === '-' ? 'not said' : null;
}

/** ISO, or day first with points: 2026-09-30, 30.9.2026. */
export function readDate(text: string): string | null {
  const iso = /^(\d{4})-(\d{2})-(\d{2})/.exec(text.trim());
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text.trim());
  const [year, month, day] = iso ? iso.slice(1).map(Number) : dotted ? dotted.slice(1).map(Number).reverse() : [];
  if (year === undefined || month === undefined || day === undefined || month < 1 || month > 12 || day < 1 || day > 31)
    return null;
  return `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

export const CALL_SIGN = /^[A-Z]{1,2}\d{1,2}[A-Z]{1,5}$|^\d[A-Z]{1,2}\d[A-Z]{1,5}$/;

/** A call sign, with a module letter behind it where there is one: `QO1HSK B`, `QO1HSK-B`. */
export function readCallSign(text: string): { callSign: string; module: string } | null {
  const match = /^([A-Z0-9]{3,8})(?:[\s-]+([A-Z]))?$/.exec(text.trim().toUpperCase());
  if (!match || !CALL_SIGN.test(match[1]!)) return null;
  return { callSign: match[1]!, module: match[2] ?? '' };
}
