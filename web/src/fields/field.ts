import { freshName } from '@relay/core/plan/fresh-name';
import { oneLine } from '@relay/core/codeplug/reading';
import { locatorCentre } from '@relay/core/units/geo/locator';
import { readPair } from '@relay/core/lists/coordinates';
import { rows } from '@relay/core/plan/table';
import type { Position, Table } from '@relay/core/plan/types';
import type { Band } from '@relay/core/units/bands';
import { meantMHz, MOST_HZ, parseMHz, parseWhole } from '@relay/core/units/quantities';

/** What became of what was typed: taken (`null`), or why not, with the value meant where that can be guessed. */
export type Taken = null | { problem: string; meant?: string };

/** Reads MHz and hands on Hz. */
export function takeMHz(text: string, put: (hz: number) => void): Taken {
  const hz = parseMHz(text);
  if (hz === null || hz <= 0 || hz > MOST_HZ) {
    const meant = meantMHz(text);
    const problem = `Found “${text}”, expected a frequency in MHz, such as 439.125.`;
    return meant === null ? { problem } : { problem, meant };
  }
  put(hz);
  return null;
}

/** Two frequencies in MHz, such as `430–440`; `null` for anything else, and for one frequency unless `spot`. */
export function readBand(text: string, spot = false): Band | null {
  const [low, high, ...more] = text.split(/\s*(?:–|—|-|−|\bto\b)\s*/);
  const [lowHz, highHz] = [parseMHz(low ?? ''), parseMHz(high ?? '')];
  return lowHz !== null &&
    highHz !== null &&
    more.length === 0 &&
    lowHz > 0 &&
    (lowHz < highHz || (spot && lowHz === highHz))
    ? { lowHz, highHz }
    : null;
}

/** As `readBand` reads it. */
export function bandText({ lowHz, highHz }: Band): string {
  return `${lowHz / 1e6}–${highHz / 1e6}`;
}

/** Reads a whole number within bounds. */
export function takeWhole(text: string, low: number, high: number, put: (value: number) => void): Taken {
  const value = parseWhole(text);
  if (value === null || value < low || value > high)
    return { problem: `Found “${text}”, expected a whole number from ${low} to ${high.toLocaleString('en')}.` };
  put(value);
  return null;
}

/** Shown and typed for a value that nobody has said. */
export const NOT_SAID = 'not said';

/** Whether a text says nothing of a value: empty, or in so many words. */
export function saysNothing(text: string): boolean {
  return text.trim() === '' || text.trim().toLowerCase() === NOT_SAID;
}

/** Reads a decimal number, point or comma. */
export function takeNumber(text: string, low: number, high: number, put: (value: number) => void): Taken {
  const value = Number(text.trim().replace(',', '.').replace('−', '-'));
  if (text.trim() === '' || !Number.isFinite(value) || value < low || value > high)
    return { problem: `Found “${text}”, expected a number from ${low} to ${high}.` };
  put(value);
  return null;
}

/**
 * Reads a name; spaces at the ends do not count.
 * @param others names of its kind that are borne already: two of a name could not be told apart
 */
export function takeName(
  text: string,
  most: number,
  put: (value: string) => void,
  others: readonly string[] = [],
): Taken {
  const name = oneLine(text);
  if (name === '' || name.length > most)
    return {
      problem:
        name === '' ? 'Found nothing, expected a name.' : `Found ${name.length} characters, expected at most ${most}.`,
    };
  if (others.some((one) => one.toLowerCase() === name.toLowerCase())) {
    const meant = freshName(others, (n) => `${name} ${n + 1}`);
    return { problem: `Found “${name}”, which another has already; expected a name of its own.`, meant };
  }
  put(name);
  return null;
}

/** A locator, or latitude and longitude; `null` when it is neither. */
export function readPlace(text: string): Position | null {
  const plain = text.trim();
  const pair = readPair(plain) ?? readPair(plain.replace(/\s+/, ', '));
  return pair ?? (plain.length >= 4 ? locatorCentre(plain) : null);
}

/** Reads a place; nothing typed is no place. */
export function takePlace(text: string, put: (position: Position | null) => void): Taken {
  const position = readPlace(text);
  if (text.trim() !== '' && !position)
    return {
      problem: `Found “${text}”, expected a locator such as HN36gr, or latitude and longitude such as 46.71, -33.42.`,
    };
  put(position && { lat: position.lat, lon: position.lon });
  return null;
}

export function positionText({ lat, lon }: Position): string {
  return `${Number(lat.toFixed(5))}, ${Number(lon.toFixed(5))}`;
}

/** The names of the others in a table. */
export function namesBeside<T extends { id: string; name: string }>(table: Table<T>, id: string): string[] {
  return rows(table)
    .filter((one) => one.id !== id)
    .map((one) => one.name);
}
