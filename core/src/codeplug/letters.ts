/** Letters that a radio does not have become the nearest that it has. */
import type { NameLetters } from '../plan/types';

/** A name without accents and other scripts: the nearest letter of ASCII, else a hyphen. */
export function plainLetters(name: string): string {
  return name
    .replace(/ß/g, 'ss')
    .replace(/ø/g, 'o')
    .replace(/Ø/g, 'O')
    .replace(/æ/g, 'ae')
    .replace(/Æ/g, 'Ae')
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\x20-\x7e]/g, '-');
}

/** A name in the letters of a radio; `null`: they are not known. */
export function inLetters(name: string, letters: NameLetters | null): string {
  if (letters === null || letters === 'any') return name;
  return letters === 'capitals' ? plainLetters(name).toUpperCase() : plainLetters(name);
}
