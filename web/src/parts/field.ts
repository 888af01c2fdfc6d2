import { parseMHz, parseWhole } from '@relay/core/radio-math/quantities';

/** What became of what was typed: taken (`null`), or why not, with the value meant where that can be guessed. */
export type Taken = null | { problem: string; meant?: string };

/** Reads MHz and hands on Hz. */
export function takeMHz(text: string, put: (hz: number) => void): Taken {
  const hz = parseMHz(text);
  if (hz === null || hz <= 0) return { problem: `Found “${text}”, expected a frequency in MHz, such as 439.125.` };
  put(hz);
  return null;
}

/** Reads a whole number within bounds. */
export function takeWhole(text: string, low: number, high: number, put: (value: number) => void): Taken {
  const value = parseWhole(text);
  if (value === null || value < low || value > high) return { problem: `Found “${text}”, expected a whole number from ${low} to ${high.toLocaleString('en')}.` };
  put(value);
  return null;
}

/** Reads a decimal number, point or comma. */
export function takeNumber(text: string, low: number, high: number, put: (value: number) => void): Taken {
  const value = Number(text.trim().replace(',', '.').replace('−', '-'));
  if (text.trim() === '' || !Number.isFinite(value) || value < low || value > high) return { problem: `Found “${text}”, expected a number from ${low} to ${high}.` };
  put(value);
  return null;
}

/** Reads a name; spaces at the ends do not count. */
export function takeName(text: string, most: number, put: (value: string) => void): Taken {
  const name = text.trim();
  if (name === '' || name.length > most) return { problem: name === '' ? 'Found nothing, expected a name.' : `Found ${name.length} characters, expected at most ${most}.` };
  put(name);
  return null;
}
