/** Reading what was typed into a field of a channel. */
import type { ModeId, ValuesOf } from '../plan/types';
import type { Reading, Refusal } from './channel-field';

/** A name on one line: tabs, line ends and what is no character become a space; spaces at the ends go, others stay. */
export function oneLine(text: string): string {
  return text.replace(/[\u0000-\u001f\u007f\p{Surrogate}]+/gu, ' ').trim();
}

/** Why a text cannot be taken, with the value meant where that can be guessed. */
export function refused(found: string, expected: string, meant?: string): Refusal {
  return {
    found,
    expected,
    problem: `Found ${found}, expected ${expected}.`,
    ...(meant === undefined ? {} : { meant }),
  };
}

/** Reads one of a closed set of words; a clear beginning is enough ("col" for "color code free"). */
export function choice<T, M extends ModeId = ModeId>(
  text: string,
  words: Readonly<Record<string, T>>,
  put: (to: ValuesOf<M>, value: T) => void,
): Reading<M> {
  const typed = text.trim().toLowerCase();
  const keys = Object.keys(words);
  const fits = keys.includes(typed) ? [typed] : keys.filter((word) => typed !== '' && word.startsWith(typed));
  if (fits.length !== 1) return refused(`“${text}”`, keys.map((word) => `“${word}”`).join(' or '));
  const value = words[fits[0]!]!;
  return { put: (to) => put(to, value) };
}

/** Reads a whole number between two bounds. */
export function wholeBetween<M extends ModeId = ModeId>(
  text: string,
  low: number,
  high: number,
  put: (to: ValuesOf<M>, value: number) => void,
): Reading<M> {
  const digits = text.replace(/\s/g, '');
  const value = Number(digits);
  if (!/^\d{1,9}$/.test(digits) || value < low || value > high)
    return refused(`“${text}”`, `a whole number from ${low} to ${high.toLocaleString('en')}`);
  return { put: (to) => put(to, value) };
}
