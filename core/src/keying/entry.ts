/** Values as keys make them: which text a way of entering can make, and how it looks on the display. */
import type { KeyEntry, KeyRoutine, Keys } from '../plan/keying';

/** What stands where there is no letter. */
export const BLANK = ' ';

/** The letters that it makes; a blank is always among those that are stepped through. */
export function lettersOf(entry: Extract<KeyEntry, { kind: 'letters' | 'taps' }>): string {
  if (entry.kind === 'taps') return entry.keys.map(({ letters }) => letters).join('');
  return entry.letters.includes(BLANK) ? entry.letters : BLANK + entry.letters;
}

const DIGITS: Keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];

/** Keys that belong to a way of entering while it is open. */
export function keysOfEntry(entry: KeyEntry | KeyRoutine['write']['entry']): Keys {
  if (entry.kind === 'digits') return DIGITS;
  if (entry.kind === 'taps') return [...entry.keys.map(({ key }) => key), entry.forward];
  const turning = [entry.next, ...(entry.previous === null ? [] : [entry.previous])];
  return entry.kind === 'letters' ? [...turning, entry.forward] : turning;
}

/** A text as this way of entering keeps it, so that two can be compared; or why it cannot be made. */
export function asEntered(entry: KeyEntry, text: string): { text: string } | { reason: string } {
  if (entry.kind === 'turn') {
    const isChoice = entry.choices.some(({ value }) => value === text);
    return isChoice ? { text } : { reason: `“${text}” is not in its list` };
  }
  if (entry.kind === 'letters' || entry.kind === 'taps') {
    const letters = lettersOf(entry);
    if (text.length > entry.places) return { reason: `${text.length} letters, and there is room for ${entry.places}` };
    const strange = [...text].find((letter) => !letters.includes(letter));
    return strange === undefined ? { text: text.trimEnd() } : { reason: `“${strange}” is not among its letters` };
  }
  const match = /^(\d+)(?:\.(\d+))?$/.exec(text);
  if (!match) return { reason: `“${text}” is no number` };
  const [, before, behind = ''] = match as unknown as [string, string, string | undefined];
  if (before.length > entry.before) return { reason: `${text} has more than ${entry.before} digits` };
  if (/[1-9]/.test(behind.slice(entry.behind)))
    return { reason: `${text} has more than ${entry.behind} digits behind the point` };
  return { text: before.padStart(entry.before, '0') + behind.slice(0, entry.behind).padEnd(entry.behind, '0') };
}

/** What the display shows of a value that was entered. */
export function shownAs(entry: KeyEntry, entered: string): string {
  if (entry.kind === 'turn') return entry.choices.find(({ value }) => value === entered)?.shown ?? entered;
  if (entry.kind !== 'digits' || entry.behind === 0) return entered;
  return `${entered.slice(0, entry.before)}.${entered.slice(entry.before)}`;
}
