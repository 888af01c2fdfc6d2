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

/** Words beside modes that name none. */
const FILLERS = /\b(and|und|et|y|with|only|mixed|multi\s*mode|mode|digital|voice|tier|repeater|ii|[12])\b/gi;

/** Whether a text names something beside these modes. */
export function namesOther(text: string, modes: ListedModes): boolean {
  const left = Object.values(modes).reduce(
    (rest, { listed }) => rest.replace(new RegExp(listed.named.source, 'gi'), ' '),
    text,
  );
  return /[\p{L}\d]{2}/u.test(left.replace(FILLERS, ' '));
}

/** `yes`, `x`, `1` … as opposed to `no`, `0`, `-` or nothing. */
export function readYes(text: string): boolean | null {
  const plain = text.trim().toLowerCase();
  if (/^(yes|y|true|x|1|on|\+|✓|✔|ja|si|sí|oui|sim|tak|ano|kyllä)$/.test(plain)) return true;
  return isUnsaid(plain) || /^(no|n|false|0|off|nein|nee|non|não|nej|nie|ne|ei)$/.test(plain) ? false : null;
}

/**
 * Talk groups of a slot; `d`, `dyn` or `on demand` behind a number says that it is taken up only when keyed: `417
 * 591d`.
 */
export function readCarried(text: string): { number: number; static: boolean }[] {
  return [...text.matchAll(/(\d+)\s*(\(?(?:d(?:yn\w*)?|on[ -]demand|ptt)\b\)?)?/gi)]
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
  if (
    /^(on|on[ -]?(the )?air|on ?line|active|operational|up|ok|yes|qrv|in service|running|working|aktiv|in betrieb|actif|activo|attivo|ativo|actief)$/.test(
      plain,
    )
  )
    return 'on the air';
  if (
    /^((temporarily |currently )?off([ -]?(the )?air)?|off ?line|inactive|not (active|operational|working)|down|closed|no|planned|qrt|out of (service|order)|defect(ive)?|broken|removed|inaktiv|außer betrieb|defekt|geplant|inactif|inactivo|inattivo|inativo)$/.test(
      plain,
    )
  )
    return 'off the air';
  return isUnsaid(plain) ? 'not said' : null;
}

export const CALL_SIGN = /^[A-Z]{1,2}\d{1,2}[A-Z]{1,5}$|^\d[A-Z]{1,2}\d[A-Z]{1,5}$/;

const CALL_AND_MODULE = /^(?:([A-Z0-9]{1,4})\/)?([A-Z0-9]{3,8})((?:\/[A-Z0-9]{1,5})*)(?:[\s-]+([A-Z]))?(?:[\s-]+G)?$/;

/**
 * A call sign, with a module letter behind it where there is one: `QO1HSK B`, `QO1HSK-B`, and the gateway’s `QO1HSK B
 * G`. What stands before or behind a stroke belongs to the call sign: `F/QO1HSK`, `QO1HSK/R`.
 */
export function readCallSign(text: string): { callSign: string; module: string } | null {
  const match = CALL_AND_MODULE.exec(text.trim().toUpperCase());
  if (!match || !CALL_SIGN.test(match[2]!)) return null;
  const [, before, call, behind, module] = match;
  return { callSign: `${before ? `${before}/` : ''}${call}${behind}`, module: module ?? '' };
}
