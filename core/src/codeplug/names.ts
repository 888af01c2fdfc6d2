/** Names that fit a radio: short enough, all different, and still readable. */

export interface NameWish {
  name: string;
  /** Added when the name alone is taken: the site, for example. */
  qualifier: string;
}

const squeeze = (text: string): string => text.trim().replace(/\s+/g, ' ');

/** Takes vowels from inside words, longest word first, last vowel first. */
function dropVowels(text: string, maxLength: number): string {
  const words = text.split(' ');
  while (words.join(' ').length > maxLength) {
    const candidates = words
      .map((word, at) => ({ at, vowel: lastInnerVowel(word), length: word.length }))
      .filter((one) => one.vowel > 0);
    if (candidates.length === 0) break;
    const { at, vowel } = candidates.reduce((best, one) => (one.length > best.length ? one : best));
    words[at] = words[at]!.slice(0, vowel) + words[at]!.slice(vowel + 1);
  }
  return words.join(' ');
}

function lastInnerVowel(word: string): number {
  for (let at = word.length - 2; at > 0; at -= 1) if (/[aeiou]/i.test(word[at]!)) return at;
  return -1;
}

/** Cuts the longest word by one letter until it fits. */
function cutWords(text: string, maxLength: number): string {
  const words = text.split(' ');
  while (words.join(' ').length > maxLength) {
    const longest = words.reduce((best, word, at) => (word.length > words[best]!.length ? at : best), 0);
    words[longest] = words[longest]!.slice(0, -1);
    if (words[longest] === '') words.splice(longest, 1);
  }
  return words.join(' ');
}

/** The name itself when it fits; else without inner vowels; else with words cut. `maxLength` in characters, from 1 up. */
export function shortenName(name: string, maxLength: number): string {
  const whole = squeeze(name);
  if (whole.length <= maxLength) return whole;
  const squeezed = dropVowels(whole, maxLength);
  return squeezed.length <= maxLength ? squeezed : cutWords(squeezed, maxLength);
}

/** Gives one name after another; each is kept from being given again. `taken` are names already in the radio. */
export function nameFitter(maxLength: number, taken: Iterable<string> = []): (wish: NameWish) => string {
  const used = new Set(taken);
  const free = (candidate: string) => candidate !== '' && !used.has(candidate);
  return ({ name, qualifier }) => {
    let fitted = shortenName(name || 'Channel', maxLength);
    if (!free(fitted) && qualifier !== '') fitted = shortenName(`${name} ${qualifier}`, maxLength);
    for (let n = 2; !free(fitted); n += 1) {
      const suffix = maxLength >= 6 ? ` ${n}` : String(n);
      fitted = shortenName(name || 'Channel', Math.max(1, maxLength - suffix.length)) + suffix;
    }
    used.add(fitted);
    return fitted;
  };
}

/** A name for each wish, in order: earlier wishes keep theirs when more come after. */
export function fitNames(wishes: readonly NameWish[], maxLength: number, taken: Iterable<string> = []): string[] {
  return wishes.map(nameFitter(maxLength, taken));
}
