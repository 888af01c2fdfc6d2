/** Keys, lists and letters as one types them. */
import type { KeyChoice, Keys, TapKey } from '@relay/core/plan/keying';
import type { Taken } from '../../fields/field';

const MOST_KEY = 20;

export const keysText = (keys: Keys): string => keys.join(', ');

/** `MENU, 1`: keys by the names that stand on them, with commas between. Nothing is no keys. */
export function takeKeys(text: string, put: (keys: Keys) => void): Taken {
  const keys = text
    .split(',')
    .map((key) => key.trim())
    .filter(Boolean);
  const long = keys.find((key) => key.length > MOST_KEY);
  if (long !== undefined)
    return {
      problem: `Found “${long}”, expected the name of a key of at most ${MOST_KEY} letters; commas stand between keys.`,
    };
  if (keys.length > 20) return { problem: `Found ${keys.length} keys, expected at most 20.` };
  put(keys);
  return null;
}

/** One key. */
export function takeKey(text: string, put: (key: string) => void): Taken {
  const key = text.trim();
  if (key === '' || key.length > MOST_KEY)
    return { problem: `Found “${key}”, expected the name of a key of 1 to ${MOST_KEY} letters.` };
  put(key);
  return null;
}

/** `off = OFF; CTCSS`: values, and how the display shows them where that differs. */
export const choicesText = (choices: readonly KeyChoice[]): string =>
  choices.map(({ value, shown }) => (value === shown ? value : `${value} = ${shown}`)).join('; ');

export function takeChoices(text: string, put: (choices: KeyChoice[]) => void): Taken {
  const choices = text
    .split(';')
    .filter((part) => part.trim() !== '')
    .map((part): KeyChoice => {
      const at = part.indexOf('=');
      const value = (at < 0 ? part : part.slice(0, at)).trim();
      return { value, shown: at < 0 ? value : part.slice(at + 1).trim() };
    });
  if (choices.length === 0)
    return { problem: 'Found nothing, expected values with semicolons between, such as off = OFF; CTCSS.' };
  if (choices.some(({ value, shown }) => value.length > 60 || shown.length > 40))
    return { problem: 'Found a value of more than 60 letters, or 40 on the display.' };
  put(choices);
  return null;
}

/** `2 = ABC2; 0 = (space)0`: keys and their letters, in the order in which presses bring them. */
export const tapsText = (keys: readonly TapKey[]): string =>
  keys.map(({ key, letters }) => `${key} = ${letters.replaceAll(' ', '_')}`).join('; ');

export function takeTaps(text: string, put: (keys: TapKey[]) => void): Taken {
  const keys: TapKey[] = [];
  for (const part of text.split(';').filter((one) => one.trim() !== '')) {
    const match = /^\s*(.{1,20}?)\s*=\s*(\S{1,40})\s*$/.exec(part);
    if (!match)
      return { problem: `Found “${part.trim()}”, expected a key and its letters, such as 2 = ABC2; _ is a blank.` };
    keys.push({ key: match[1]!, letters: match[2]!.replaceAll('_', ' ') });
  }
  if (keys.length === 0)
    return { problem: 'Found nothing, expected keys and their letters, such as 2 = ABC2; 0 = _0.' };
  put(keys);
  return null;
}

export const lettersText = (letters: string): string => letters.replaceAll(' ', '_');

/** Letters one after another; `_` is a blank. */
export function takeLetters(text: string, put: (letters: string) => void): Taken {
  const letters = text.trim().replaceAll('_', ' ');
  if (letters === '' || letters.length > 200)
    return { problem: `Found ${letters.length} letters, expected 1 to 200; _ is a blank.` };
  put(letters);
  return null;
}
