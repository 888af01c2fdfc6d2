/** Reading single cells of lists. What cannot be read is `null`. */
import type { ListedModes } from './mode-listed';
import type { ListedMode, ListedSite } from './types';

/** Whether a cell says nothing: empty, a dash of any kind, a question mark, `n/a`. */
export function isUnsaid(text: string): boolean {
  return /^(|[-\u2010-\u2015\u2212\ufe58\ufe63\uff0d]+|\?+|n\/?a|unknown|not said)$/i.test(text.trim());
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
  if (/^(yes|y|true|x|1|on|\+|✓|✔|ja|si|sí|oui|sim|tak|ano|kyllä)$/.test(plain)) return true;
  return isUnsaid(plain) || /^(no|n|false|0|off|nein|nee|non|não|nej|nie|ne|ei)$/.test(plain) ? false : null;
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
    .filter((part) => !isUnsaid(part))
    .slice(0, 20);
}

/** Talk groups of a slot: numbers apart by anything but digits. */
export function readGroups(text: string): number[] {
  return (text.match(/\d+/g) ?? []).map(Number).filter((number) => number >= 1 && number <= 0xfffcdf);
}

/** On or off the air, by the usual words; `null` for a text that says neither. */
export function readStatus(text: string): ListedSite['status'] | null {
  const plain = text.trim().toLowerCase();
  if (/^(on|on[ -]?(the )?air|active|operational|up|ok|yes|qrv|in service|running)$/.test(plain)) return 'on the air';
  if (/^(off|off[ -]?(the )?air|inactive|down|closed|no|planned|qrt|out of service|defect(ive)?)$/.test(plain))
    return 'off the air';
  return isUnsaid(plain) ? 'not said' : null;
}

export const CALL_SIGN = /^[A-Z]{1,2}\d{1,2}[A-Z]{1,5}$|^\d[A-Z]{1,2}\d[A-Z]{1,5}$/;

/** A call sign, with a module letter behind it where there is one: `QO1HSK B`, `QO1HSK-B`. */
export function readCallSign(text: string): { callSign: string; module: string } | null {
  const match = /^([A-Z0-9]{3,8})(?:[\s-]+([A-Z]))?$/.exec(text.trim().toUpperCase());
  if (!match || !CALL_SIGN.test(match[1]!)) return null;
  return { callSign: match[1]!, module: match[2] ?? '' };
}
