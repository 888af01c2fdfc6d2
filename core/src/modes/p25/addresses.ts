/** P25 numbers: access codes in hex, talk groups, units. */
import type { Refusal } from '../../codeplug/channel-field';
import { refused } from '../../codeplug/reading';
import { GROUP_ALL, GROUP_MAX, NAC_MAX, UNIT_MAX } from '../../plan/modes/p25/limits';

/** `659` → `293`: three hex digits, as radios show it. */
export function nacText(nac: number): string {
  return nac.toString(16).toUpperCase().padStart(3, '0');
}

/** A site's code, or that nobody has said it. */
export function nacWords(nac: number | null): string {
  return nac === null ? 'not said' : nacText(nac);
}

/** `293`, `0x293`, `F7E` → the code; typed as hex, as everybody writes it. `null` for what is none. */
export function readNac(text: string): number | null {
  const plain = text
    .trim()
    .replace(/^(0x|\$)/i, '')
    .replace(/h$/i, '');
  if (!/^[0-9a-f]{1,3}$/i.test(plain)) return null;
  const value = parseInt(plain, 16);
  return value <= NAC_MAX ? value : null;
}

export type GroupClass = 'null' | 'usable' | 'all-call' | 'not 16 bits';

/** Class of a talk group (16 bits; from memory). */
export function classifyGroup(number: number): GroupClass {
  if (!Number.isInteger(number) || number < 0 || number > GROUP_ALL) return 'not 16 bits';
  if (number === 0) return 'null';
  return number <= GROUP_MAX ? 'usable' : 'all-call';
}

/** Why a number cannot be a group to call; `null` when it can. */
export function groupProblem(number: number): Refusal | null {
  switch (classifyGroup(number)) {
    case 'usable':
      return null;
    case 'all-call':
      return refused(`${GROUP_ALL}, which calls everybody and is no destination`, `1 to ${GROUP_MAX}`);
    default:
      return refused(String(number), `a talk group from 1 to ${GROUP_MAX}`);
  }
}

/** A talk group as it was typed, or why it is none. */
export function readGroup(text: string): { number: number } | Refusal {
  const digits = text.replace(/\s/g, '');
  const problem = /^\d{1,6}$/.test(digits)
    ? groupProblem(Number(digits))
    : refused(`“${text}”`, `a talk group from 1 to ${GROUP_MAX}`);
  return problem ?? { number: Number(digits) };
}

/** An individual unit: 1 to 9,999,999 (from memory). */
export function isUnitId(number: number): boolean {
  return Number.isInteger(number) && number >= 1 && number <= UNIT_MAX;
}
