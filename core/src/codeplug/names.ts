/**
 * Names that fit a radio: short enough, all different, and still readable. What is given up, in this order: small
 * words, the rest of known words (abbreviations), words that the names beside it share, vowels, then letters. Digits
 * and call signs are never cut, and no character is cut in half.
 */
import type { NameLetters } from '../plan/types';
import { ABBREVIATIONS } from './abbreviations';
import { inLetters } from './letters';

export interface NameWish {
  name: string;
  /** Added when the name alone is taken: the site, for example. */
  qualifier: string;
}

/** One unit a character, and no marks: the most names. */
const PLAIN = /^[\x20-\x7e]*$/;

const squeeze = (text: string): string => text.normalize('NFC').trim().replace(/\s+/g, ' ');

const SEGMENTER = new Intl.Segmenter('en', { granularity: 'grapheme' });

/**
 * How many characters of a radio a name takes: code points of the composed form, so that half of a pair never counts as
 * one.
 */
export function nameLength(name: string): number {
  return PLAIN.test(name) ? name.length : [...name.normalize('NFC')].length;
}

/** What a radio shows of a name that it cuts: never half a character. */
export function cutName(name: string, length: number): string {
  return PLAIN.test(name) ? name.slice(0, length) : [...name.normalize('NFC')].slice(0, length).join('');
}

const lengthOf = (words: readonly string[]): number => nameLength(words.join(' '));

/** Numbers and call signs: cut, they would name something else. */
const isKept = (word: string): boolean => /\p{N}/u.test(word);

/** Short forms of somebody's own, by the word in small letters. They come before those that are known. */
export type ShortForms = Readonly<Record<string, string>>;

/** The longest saving first, until it fits. */
function abbreviate(words: string[], maxLength: number, { shortForms: own, letters }: NameRules): string[] {
  const result = [...words];
  const shortOf = (word: string): string => {
    const key = word.toLowerCase();
    const short = Object.hasOwn(own, key) ? own[key] : ABBREVIATIONS.get(key);
    return short === undefined ? word : inLetters(short, letters);
  };
  const saving = (word: string) => word.length - shortOf(word).length;
  const order = result.map((_, at) => at).sort((a, b) => saving(result[b]!) - saving(result[a]!) || a - b);
  for (const at of order) {
    if (lengthOf(result) <= maxLength) break;
    result[at] = shortOf(result[at]!);
  }
  return result;
}

/** Small words that a name is understood without. */
const FILLERS: ReadonlySet<string> = new Set(
  'a an and at by for from in of on the to de del des du la le les der die das den und von am en het van'.split(' '),
);

function dropFillers(words: string[], maxLength: number): string[] {
  let result = words;
  for (const word of words) {
    if (lengthOf(result) <= maxLength) break;
    const rest = result.filter((one) => one !== word);
    if (FILLERS.has(word.toLowerCase()) && rest.length > 0) result = rest;
  }
  return result;
}

/** Words that many of the names beside it have tell nothing apart; the last one that says anything stays. */
function dropShared(words: string[], maxLength: number, shared: ReadonlySet<string>): string[] {
  let result = words;
  for (const word of words) {
    if (lengthOf(result) <= maxLength) break;
    const rest = result.filter((one) => one !== word);
    if (shared.has(word.toLowerCase()) && rest.some((one) => /\p{L}/u.test(one))) result = rest;
  }
  return result;
}

/** The place of the last vowel inside a word that stands alone, no mark upon it; −1 for none. */
function lastInnerVowel(word: string): number {
  if (isKept(word)) return -1;
  for (let at = word.length - 2; at > 0; at -= 1)
    if (/[aeiou]/i.test(word[at]!) && !/\p{M}/u.test(word[at + 1]!)) return at;
  return -1;
}

/** Takes vowels from inside words, longest word first, last vowel first. */
function dropVowels(words: string[], maxLength: number): string[] {
  const result = [...words];
  while (lengthOf(result) > maxLength) {
    const candidates = result
      .map((word, at) => ({ at, vowel: lastInnerVowel(word), length: word.length }))
      .filter((one) => one.vowel > 0);
    if (candidates.length === 0) break;
    const { at, vowel } = candidates.reduce((best, one) => (one.length > best.length ? one : best));
    result[at] = result[at]!.slice(0, vowel) + result[at]!.slice(vowel + 1);
  }
  return result;
}

/** Of many words that were cut to so many letters each, the last go whole: `t i f t l f a r` says nothing any more. */
const LEAST_LETTERS = 3;
const MANY_WORDS = 3;

/**
 * Cuts the longest word by one character until it fits, or the last of many short ones; where only numbers and call
 * signs are left, the last of them go whole.
 */
function cutWords(words: string[], maxLength: number): string[] {
  const result = words.map((word) => ({
    kept: isKept(word),
    parts: [...SEGMENTER.segment(word)].map((one) => one.segment),
  }));
  const texts = () => result.map((one) => one.parts.join(''));
  while (result.length > 0 && lengthOf(texts()) > maxLength) {
    const longest = result.reduce<(typeof result)[number] | null>(
      (best, one) => (one.kept || (best && best.parts.length >= one.parts.length) ? best : one),
      null,
    );
    const letters = result.filter((one) => !one.kept);
    const isShort = longest !== null && longest.parts.length <= LEAST_LETTERS && letters.length > MANY_WORDS;
    if (longest && !isShort) longest.parts.pop();
    const gone = isShort ? letters.at(-1)! : longest ? (longest.parts.length === 0 ? longest : null) : result.at(-1)!;
    if (gone) result.splice(result.indexOf(gone), 1);
  }
  return texts();
}

const NOTHING: ReadonlySet<string> = new Set();

/** What a radio asks of a name. */
export interface NameRules {
  /** Characters that it keeps, from 1 up. */
  length: number;
  /** Characters that are seen at once: names differ within these. */
  shown: number;
  letters: NameLetters | null;
  shortForms: ShortForms;
}

/** A number of characters where nothing else is known. */
export type NameRoom = number | NameRules;

const rulesOf = (room: NameRoom): NameRules =>
  typeof room === 'number' ? { length: room, shown: room, letters: null, shortForms: {} } : room;

/**
 * A name that fits: itself, or shortened. `shared`: words, in small letters, that the names beside it share. Empty
 * where nothing of it fits without cutting a number or a call sign.
 */
export function shortenName(name: string, room: NameRoom, shared: ReadonlySet<string> = NOTHING): string {
  const rules = rulesOf(room);
  return shorten(name, rules, [...readable(shared, rules), dropVowels, cutWords]).join(' ');
}

type Step = (words: string[], maxLength: number) => string[];

/** The steps that leave every word as people read it. */
const readable = (shared: ReadonlySet<string>, rules: NameRules): Step[] => [
  dropFillers,
  (words, maxLength) => abbreviate(words, maxLength, rules),
  (words, maxLength) => dropShared(words, maxLength, shared),
];

function shorten(name: string, { length: maxLength, letters }: NameRules, steps: readonly Step[]): string[] {
  let words = squeeze(inLetters(name, letters)).split(' ');
  for (const step of steps) {
    if (lengthOf(words) <= maxLength) break;
    words = step(words, maxLength);
  }
  return words;
}

/**
 * A name with as much of its qualifier as leaves both readable: `Unlink Merrin` for Merrin Ridge; `null` where none of
 * it does.
 */
function qualified(
  { name, qualifier }: NameWish,
  rules: NameRules,
  shared: ReadonlySet<string>,
  free: (name: string) => boolean,
): string | null {
  const words = squeeze(qualifier).split(' ');
  for (let kept = words.length; kept > 0; kept -= 1) {
    const fitted = shorten(`${name} ${words.slice(0, kept).join(' ')}`, rules, readable(shared, rules));
    if (lengthOf(fitted) <= rules.length && free(fitted.join(' '))) return fitted.join(' ');
  }
  return null;
}

/** Words, in small letters, that most of these names have: at least three of them, and three in five. */
export function sharedWords(names: readonly string[]): ReadonlySet<string> {
  const counts = new Map<string, number>();
  for (const name of names)
    for (const word of new Set(squeeze(name).toLowerCase().split(' '))) counts.set(word, (counts.get(word) ?? 0) + 1);
  const most = Math.max(3, names.length * 0.6);
  return new Set([...counts].filter(([word, count]) => count >= most && !isKept(word)).map(([word]) => word));
}

/** What a name becomes that is empty, or of which nothing fits. */
const UNNAMED = 'Channel';

/** Gives one name after another; each is kept from being given again. `taken` are names already in the radio. */
export function nameFitter(
  room: NameRoom,
  taken: Iterable<string> = [],
  shared: ReadonlySet<string> = NOTHING,
): (wish: NameWish) => string {
  const rules = rulesOf(room);
  // Two names that differ only behind what is seen are not told apart.
  const seen = Math.min(rules.length, rules.shown);
  const used = new Set([...taken].map((name) => cutName(name, seen)));
  const next = new Map<string, number>();
  // Many channels of one group have one name.
  const shortened = new Map<string, string>();
  const short = (name: string) => {
    let known = shortened.get(name);
    if (known === undefined) shortened.set(name, (known = shortenName(name, rules, shared)));
    return known;
  };
  const free = (candidate: string) => candidate !== '' && !used.has(cutName(candidate, seen));
  return (wish) => {
    const { name, qualifier } = wish;
    let fitted = short(name || UNNAMED);
    if (!free(fitted) && qualifier !== '')
      fitted = qualified(wish, rules, shared, free) ?? shortenName(`${name} ${qualifier}`, rules, shared);
    const tight = { ...rules, length: seen };
    // What tells them apart has to be among what is seen.
    if (!free(fitted) && seen < rules.length && qualifier !== '')
      fitted = qualified(wish, tight, shared, free) ?? fitted;
    if (!free(fitted)) {
      let n = next.get(name) ?? 2;
      for (; !free(fitted); n += 1) {
        const suffix = seen >= 6 ? ` ${n}` : String(n);
        const before = { ...rules, length: Math.max(1, seen - suffix.length) };
        fitted = (shortenName(name || UNNAMED, before, shared) || shortenName(UNNAMED, before)) + suffix;
      }
      next.set(name, n);
    }
    used.add(cutName(fitted, seen));
    return fitted;
  };
}

/** A name for each wish, in order: earlier wishes keep theirs when more come after. */
export function fitNames(
  wishes: readonly NameWish[],
  room: NameRoom,
  taken: Iterable<string> = [],
  shared: ReadonlySet<string> = NOTHING,
): string[] {
  return wishes.map(nameFitter(room, taken, shared));
}
