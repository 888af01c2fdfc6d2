/**
 * Degrees as other people's lists write them, with hemisphere letters and words in several languages. Some letters mean
 * one side in one language and the other in another: the letters of the whole column decide, else the cell is doubted.
 */
import { plainDashes, readNumber } from './numbers';

export type Axis = 'lat' | 'lon';

/** +1: north or east. `null`: it depends on what else stands in the column. */
type Sense = 1 | -1 | null;

/**
 * English, German, French, Spanish, Italian, Portuguese, Dutch, Danish, Norwegian, Swedish, Finnish, Czech, Polish.
 * From memory.
 */
const WORDS: readonly (readonly [Axis, 1 | -1, RegExp])[] = [
  ['lat', 1, /^(north|nord|norte|noord|norr|pohjoi\p{L}*|sever|północ\p{L}*)$/u],
  ['lat', -1, /^(south|süd|sued|sud|sur|sul|zuid|syd|söder|etelä\p{L}*|jih|południ\p{L}*)$/u],
  ['lon', 1, /^(east|ost|est|este|leste|oost|øst|öst|öster|itä\p{L}*|východ|wsch\p{L}*)$/u],
  ['lon', -1, /^(west|ouest|oeste|ovest|vest|väst|väster|länsi\p{L}*|západ|zach\p{L}*)$/u],
];

/** Letters that are clear on their axis. */
const LETTERS: Readonly<Record<Axis, Readonly<Record<string, Sense>>>> = {
  lat: { N: 1, P: 1, S: -1, Z: -1, J: -1 },
  lon: { E: 1, W: -1, Ø: 1, Ö: 1, I: 1, Z: -1, O: null, V: null, L: null },
};

/** What decides a letter that means two things: another one of the same language in the same column. */
const DECIDED_BY: Readonly<Record<string, readonly (readonly [string, 1 | -1])[]>> = {
  // Ost beside West; Ouest, Oeste, Ovest beside Est and Este.
  O: [
    ['W', 1],
    ['E', -1],
    ['L', -1],
  ],
  // Vest beside Øst; východ beside západ.
  V: [
    ['Ø', -1],
    ['Ö', -1],
    ['E', -1],
    ['Z', 1],
  ],
  // Leste beside Oeste; länsi beside itä.
  L: [
    ['O', 1],
    ['W', 1],
    ['I', -1],
  ],
};

/** In Czech and Finnish two letters of the latitude are other sides than elsewhere. */
function latSense(letter: string, others: ReadonlySet<string>): Sense {
  if (letter === 'S' && others.has('J')) return 1;
  if (letter === 'E' && others.has('P')) return -1;
  return LETTERS.lat[letter] ?? null;
}

function senseOf(axis: Axis, mark: string, others: ReadonlySet<string>): Sense {
  const word = WORDS.find(([of, , pattern]) => of === axis && mark.length > 1 && pattern.test(mark.toLowerCase()));
  if (word) return word[1];
  const letter = mark.toUpperCase();
  if (axis === 'lat') return latSense(letter, others);
  const clear = LETTERS.lon[letter] ?? null;
  return clear ?? DECIDED_BY[letter]?.find(([other]) => others.has(other))?.[1] ?? null;
}

const MARK = /\p{L}+/gu;
/** Units, in words or letters between numbers: `46d42m`, `46 deg 42 min`. */
const UNITS =
  /(?<=\d)\s*(?:deg(?:rees?)?|grad|min(?:utes?)?|sec(?:onds?)?|[dm](?=\s|\d|$|[NSEW]\s*$)|s(?=\s*[NSEW]\s*$)|(?<=m\.?\s*[\d.,]+)s)\.?/giu;

/** The hemisphere marks of a cell. */
function marksOf(text: string): string[] {
  return plainDashes(text).replace(UNITS, ' ').match(MARK) ?? [];
}

/** The letters that stand in a column, for those that mean two things. */
export function lettersIn(cells: readonly string[]): string {
  const found = new Set<string>();
  for (const cell of cells) for (const mark of marksOf(cell)) if (mark.length === 1) found.add(mark.toUpperCase());
  return [...found].sort().join('');
}

/** Degrees, minutes and seconds that stand together: `464230`, `4642.50`, of a cell with a hemisphere letter. */
function packed(degrees: string): number | null {
  const match = /^(\d{2,3})(\d{2})(?:(\d{2})|\.(\d+))?$/.exec(degrees);
  if (!match) return null;
  const [, whole, minutes, seconds, part] = match;
  const min = Number(part === undefined ? minutes : `${minutes}.${part}`);
  const sec = Number(seconds ?? 0);
  return min < 60 && sec < 60 ? Number(whole) + min / 60 + sec / 3600 : null;
}

/** Without sign; `null` for what is no angle. */
function angle(text: string, marked: boolean): number | null {
  const parts = text.replace(/,(?=\d)/g, '.').match(/\d+(?:\.\d+)?/g);
  if (!parts || parts.length > 3) return null;
  if (parts.length === 1 && marked && Number(parts[0]) > 180) return packed(parts[0]!);
  const [degrees = 0, minutes = 0, seconds = 0] = parts.map(Number);
  if (minutes >= 60 || seconds >= 60 || parts.slice(0, -1).some((part) => part.includes('.'))) return null;
  return degrees + minutes / 60 + seconds / 3600;
}

export type Coordinate = number | 'ambiguous' | null;

/**
 * One coordinate, degrees: decimal, or degrees with minutes and seconds, with a hemisphere letter or word before or
 * after. `letters`: those of the whole column. `'ambiguous'` where the letter means two things and nothing decides;
 * `null` for what is none.
 */
export function readCoordinate(text: string, axis?: Axis, letters = ''): Coordinate {
  const most = axis === 'lat' ? 90 : 180;
  const plain = readNumber(text);
  if (plain !== null) return Math.abs(plain) <= most ? plain : null;
  const marks = marksOf(text);
  if (marks.length > 1) return null;
  const bare = plainDashes(text).replace(UNITS, ' ').replace(MARK, ' ').trim();
  const value = angle(bare.replace(/^[+-]/, '').replace(/(?<=\d)-(?=\d)/g, ' '), marks.length === 1);
  if (value === null || value > most || !/^[+-]?[\d\s.,°ºo'’′"”″:-]+$/.test(bare)) return null;
  const negative = bare.startsWith('-');
  if (marks.length === 0) return negative ? -value : value;
  const axes: readonly Axis[] = axis ? [axis] : ['lat', 'lon'];
  const known = axes.some((one) => isMark(one, marks[0]!));
  const sense = axes.map((one) => senseOf(one, marks[0]!, new Set(letters))).find((one) => one !== null) ?? null;
  if (sense === null) return known ? 'ambiguous' : null;
  // A sign and a letter that says the same; two that differ are a slip.
  return negative && sense === 1 ? null : sense * value;
}

function isMark(axis: Axis, mark: string): boolean {
  const letter = mark.toUpperCase();
  return (
    letter in LETTERS[axis] ||
    (axis === 'lat' && letter === 'E') ||
    WORDS.some(([of, , pattern]) => of === axis && pattern.test(mark.toLowerCase()))
  );
}

/** The axis that a cell's mark says; `null` where it says none. */
export function axisOf(text: string): Axis | null {
  const [mark] = marksOf(text);
  if (mark === undefined) return null;
  const letter = mark.toUpperCase();
  if (letter === 'N' || letter === 'S') return 'lat';
  if (letter === 'W' || letter === 'O' || letter === 'Ø' || letter === 'Ö') return 'lon';
  return WORDS.find(([, , pattern]) => pattern.test(mark.toLowerCase()))?.[0] ?? null;
}

/** Latitude and longitude in one cell, degrees; `null` for a text that is no such pair. */
export function readPair(text: string, letters = ''): { lat: number; lon: number } | null {
  const point = /^point\s*z?\s*\(\s*([+-]?[\d.]+)\s+([+-]?[\d.]+)/i.exec(plainDashes(text));
  // Well-known text (OGC 06-103r4) puts the longitude first.
  if (point) return readPair(`${point[2]}, ${point[1]}`);
  const plain = plainDashes(text)
    .replace(/^geo:\s*/i, '')
    .replace(/^[([]|[)\]]$/g, '');
  const cut = [
    /^(.*?\d.*?[NSns])[\s,;/]+(.*)$/,
    /^([NSns].*?)[\s,;/]+([EWOVØÖewovøö].*)$/,
    /^([EWOVØÖewovøö].*?)[\s,;/]+([NSns].*)$/,
    /^([+-]?\d+[.,]\d+)\s+([+-]?\d+[.,]\d+)$/,
  ].reduce<RegExpExecArray | null>((found, one) => found ?? one.exec(plain), null);
  const parts = cut ? cut.slice(1, 3) : plain.split(/[;/]|,\s+|\s{2,}|,(?=\s*-?\d+\.)/);
  if (parts.length !== 2) return null;
  const swapped = axisOf(parts[0]!) === 'lon' && axisOf(parts[1]!) === 'lat';
  const [first, second] = swapped ? [parts[1]!, parts[0]!] : [parts[0]!, parts[1]!];
  const [lat, lon] = [readCoordinate(first, 'lat', letters), readCoordinate(second, 'lon', letters)];
  return typeof lat === 'number' && typeof lon === 'number' ? { lat, lon } : null;
}
