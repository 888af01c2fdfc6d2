/**
 * Steps of power as layouts know them: words from the least to the most, whatever the files call them. A radio may call
 * its steps otherwise, see `for-radio.ts`.
 */

/** From the least to the most. */
const ORDER = [
  'minimum',
  'near minimum',
  'low',
  'below middle',
  'middle',
  'above middle',
  'high',
  'near maximum',
  'maximum',
] as const;
type PowerWord = (typeof ORDER)[number];

/** What so many steps are called, the least first. */
const WORDS: Readonly<Record<number, readonly PowerWord[]>> = {
  1: ['low'],
  2: ['low', 'high'],
  3: ['low', 'middle', 'high'],
  4: ['low', 'middle', 'high', 'maximum'],
  5: ['minimum', 'low', 'middle', 'high', 'maximum'],
  6: ['minimum', 'low', 'below middle', 'above middle', 'high', 'maximum'],
  7: ['minimum', 'low', 'below middle', 'middle', 'above middle', 'high', 'maximum'],
  8: ['minimum', 'near minimum', 'low', 'below middle', 'above middle', 'high', 'near maximum', 'maximum'],
  9: ORDER,
};

const WATTS = /^(\d+(?:[.,]\d+)?)\s*(w|watts?|mw)?$/i;

/** Watts that a cell says, with or without the unit; `null` for anything else. */
export function wattsIn(text: string): { watts: number; hasUnit: boolean } | null {
  const match = WATTS.exec(text.trim());
  if (!match) return null;
  const [, figure, unit] = match;
  const watts = Number(figure!.replace(',', '.')) * (unit?.toLowerCase() === 'mw' ? 0.001 : 1);
  return { watts, hasUnit: unit !== undefined };
}

/** The word for a place among so many steps; more than there are words for are called as the file does. */
export const wordAt = (at: number, of: number, text: string): string => WORDS[of]?.[at] ?? text.trim();

/** Words of one list from the least to the most: by their meaning, else by their watts, else as they stand. */
export function inOrder(words: Iterable<string>): string[] {
  const all = [...new Set(words)];
  const rank = (word: string) => ORDER.indexOf(word as PowerWord);
  if (all.every((word) => rank(word) >= 0)) return all.sort((a, b) => rank(a) - rank(b));
  const watts = new Map(all.map((word) => [word, wattsIn(word)?.watts]));
  return all.every((word) => watts.get(word) !== undefined) ? all.sort((a, b) => watts.get(a)! - watts.get(b)!) : all;
}
