/** How the cells of a column could stand for the values of a field: unit, digits, words. */
import type { CellCodec } from '../../plan/kit';
import { bandNameOf } from '../../units/bands';
import { readTone } from '../../units/tones';
import { type CellNumber, numberIn } from '../numbers';
import { codeParts, saysInverted } from '../tones/tone-cells';
import { type Column, shareOf } from './column';
import type { KitField } from '../kit-field';
import { isNothing, NOTHING, plainWord } from '../plain';
import { inOrder, wattsIn, wordAt } from '../power-words';

export interface Inferred {
  codec: CellCodec;
  /** How many of the cells that are not blank it reads, 0 to 1. */
  share: number;
  /** The same where the title says what it is: then a word for nothing is no doubt. */
  titled?: number;
  /** Words of a closed set that are not known. */
  unknown: string[];
  /** Its cells only say that there is none: without a title they say nothing. */
  bare?: true;
}

const UNITS_HZ = [1e6, 1e3, 1, 10, 100, 1e9, 1e5] as const;
const SUFFIX_HZ: Readonly<Record<string, number>> = { ghz: 1e9, mhz: 1e6, khz: 1e3, hz: 1, m: 1e6, k: 1e3 };
const LEAST_HZ = 20e6;
const MOST_HZ = 2.5e9;

interface Numbers {
  known: { number: CellNumber; count: number }[];
  share: number;
}

function numbersOf(column: Column): Numbers {
  const known = column.texts.flatMap(({ text, count }) => {
    const number = numberIn(text);
    return number ? [{ number, count }] : [];
  });
  return { known, share: column.filled === 0 ? 0 : known.reduce((sum, one) => sum + one.count, 0) / column.filled };
}

/** Zero stands for no frequency where others are none. */
const weight = ({ known }: Numbers, test: (value: number) => boolean): number => {
  const real = known.filter(({ number }) => number.value !== 0);
  const all = real.reduce((sum, one) => sum + one.count, 0);
  return all === 0 ? 0 : real.reduce((sum, { number, count }) => (test(number.value) ? sum + count : sum), 0) / all;
};

/** How numbers are written, by what most have. */
function writing({
  known,
}: Numbers): Pick<Extract<CellCodec, { as: 'frequency' }>, 'decimals' | 'comma' | 'suffix' | 'plus'> {
  const counted = known.filter(({ number }) => number.value !== 0);
  const all = counted.length > 0 ? counted : known;
  const decimals = all.map(({ number }) => number.decimals);
  const suffixes = new Map<string, number>();
  for (const { number, count } of all) suffixes.set(number.suffix, (suffixes.get(number.suffix) ?? 0) + count);
  const positive = all.filter(({ number }) => number.value > 0);
  return {
    decimals: [Math.min(...decimals, 12), Math.max(...decimals, 0)],
    comma: all.some(({ number }) => number.comma),
    suffix: [...suffixes].sort((a, b) => b[1] - a[1])[0]?.[0] ?? '',
    plus: positive.length > 0 && positive.every(({ number }) => number.plus),
  };
}

function saidUnit({ suffix }: { suffix: string }): number | undefined {
  return SUFFIX_HZ[suffix.trim().toLowerCase()];
}

/** Most in amateur bands, else most where radios are; the usual units first. */
function frequency(column: Column): Inferred | null {
  const numbers = numbersOf(column);
  if (numbers.share < 0.5) return null;
  const how = writing(numbers);
  const said = saidUnit(how);
  const scored = (said ? [said] : UNITS_HZ).map((unitHz) => {
    const inRange = weight(numbers, (value) => value * unitHz >= LEAST_HZ && value * unitHz <= MOST_HZ);
    return { unitHz, inRange, inBand: weight(numbers, (value) => bandNameOf(value * unitHz) !== null) };
  });
  const best = scored.reduce((one, other) =>
    other.inRange + other.inBand > one.inRange + one.inBand + 0.001 ? other : one,
  );
  if (best.inRange < 0.7) return null;
  return { codec: { as: 'frequency', unitHz: best.unitHz, ...how }, share: numbers.share * best.inRange, unknown: [] };
}

/** Sizes of shifts that repeaters have, Hz. Common practice. */
const USUAL_SHIFTS_HZ: ReadonlySet<number> = new Set(
  [0.6, 1.6, 2, 4.6, 5, 6, 7.6, 9, 9.4, 12, 20, 25, 28].map((mhz) => Math.round(mhz * 1e6)),
);

function shift(column: Column): Inferred | null {
  const numbers = numbersOf(column);
  if (numbers.share < 0.9 || numbers.known.every(({ number }) => number.value === 0)) return null;
  const how = writing(numbers);
  const said = saidUnit(how);
  const scored = (said ? [said] : UNITS_HZ).map((unitHz) => ({
    unitHz,
    usual: weight(numbers, (value) => USUAL_SHIFTS_HZ.has(Math.round(Math.abs(value) * unitHz))),
    able: weight(numbers, (value) => Math.abs(value) * unitHz >= 10_000 && Math.abs(value) * unitHz <= 100e6),
  }));
  const best = scored.reduce((one, other) =>
    other.usual * 2 + other.able > one.usual * 2 + one.able + 0.001 ? other : one,
  );
  if (best.able < 0.9) return null;
  const share = numbers.share * (best.usual > 0.5 ? 1 : 0.7);
  return { codec: { as: 'frequency', unitHz: best.unitHz, ...how }, share, unknown: [] };
}

function degrees(column: Column, most: number): Inferred | null {
  const numbers = numbersOf(column);
  if (numbers.share < 0.5) return null;
  const { decimals, comma } = writing(numbers);
  const share = weight(numbers, (value) => Math.abs(value) <= most) * numbers.share;
  return { codec: { as: 'degrees', decimals, comma }, share, unknown: [] };
}

const WHOLE = /^(\D*?)(\d{1,12})(\D*)$/;

/** Numbers with the same words around: `CC 1`, `TG591`. */
function whole(column: Column, low: number, high: number): Inferred | null {
  const parts = column.texts.flatMap(({ text, count }) => {
    const match = WHOLE.exec(text.trim());
    return match ? [{ prefix: match[1]!, digits: match[2]!, suffix: match[3]!, count }] : [];
  });
  const first = parts[0];
  if (!first || /[-.,]$/.test(first.prefix) || /^[.,]/.test(first.suffix)) return null;
  const same = parts.filter(({ prefix, suffix }) => prefix === first.prefix && suffix === first.suffix);
  const fits = same.filter(({ digits }) => Number(digits) >= low && Number(digits) <= high);
  const share = fits.reduce((sum, { count }) => sum + count, 0) / column.filled;
  const widths = new Set(fits.map(({ digits }) => digits.length));
  const isPadded = fits.some(({ digits }) => digits.length > 1 && digits.startsWith('0')) && widths.size === 1;
  return {
    codec: { as: 'whole', width: isPadded ? [...widths][0]! : 0, prefix: first.prefix, suffix: first.suffix },
    share,
    unknown: [],
  };
}

function hex(column: Column): Inferred | null {
  const share = shareOf(column, (text) => /^(0x|\$)?[0-9a-f]{1,3}h?$/i.test(text.trim()));
  const [sample = ''] = column.texts.map(({ text }) => text.trim());
  const prefix = /^(0x|\$)/i.exec(sample)?.[0] ?? '';
  const widths = new Set(column.texts.map(({ text }) => text.trim().length - prefix.length));
  return { codec: { as: 'hex', width: widths.size === 1 ? [...widths][0]! : 0, prefix }, share, unknown: [] };
}

const MOST_WORDS = 24;

/** Steps of power in watts, by their size. */
function wattWords(column: Column): Map<string, string> | null {
  const steps = column.texts.flatMap(({ text }) => {
    const said = wattsIn(text);
    return said ? [{ text, ...said }] : [];
  });
  if (steps.length < 2 || steps.length < column.texts.length || !steps.some(({ hasUnit }) => hasUnit)) return null;
  const sizes = [...new Set(steps.map(({ watts }) => watts))].sort((a, b) => a - b);
  // Of two ways to write one step, such as 500 mW and 0.5 W, the first names it.
  const named = sizes.map((size) => steps.find(({ watts }) => watts === size)!.text);
  return new Map(
    steps.map(({ text, watts }) => {
      const at = sizes.indexOf(watts);
      return [text, wordAt(at, sizes.length, named[at]!)];
    }),
  );
}

/** Settings of power count by their order: of two the greater is high, whatever it is called. */
function byOrder(meaning: string, all: ReadonlySet<string>): string {
  const there = inOrder(all);
  const at = there.indexOf(meaning);
  // One alone tells nothing of its order.
  if (at < 0 || there.length < 2) return meaning === 'minimum' ? 'low' : meaning === 'maximum' ? 'high' : meaning;
  return wordAt(at, there.length, meaning);
}

function words(column: Column, known: Readonly<Record<string, RegExp>>, watts: boolean): Inferred | null {
  if (column.texts.length > MOST_WORDS || column.texts.length === 0) return null;
  const inWatts = watts ? wattWords(column) : null;
  const meaningOf = (text: string) =>
    inWatts?.get(text) ?? Object.entries(known).find(([, pattern]) => pattern.test(plainWord(text)))?.[0];
  const found = column.texts.map(({ text, count }) => ({ text, count, meaning: meaningOf(text) }));
  const all = new Set(found.flatMap(({ meaning }) => meaning ?? []));
  const pairs = found.flatMap(({ text, meaning }): [string, string][] =>
    meaning === undefined ? [] : [[text, inWatts || !watts ? meaning : byOrder(meaning, all)]],
  );
  const shareOfThose = (test: (one: (typeof found)[number]) => boolean) =>
    found.reduce((sum, one) => (test(one) ? sum + one.count : sum), 0) / column.filled;
  const share = shareOfThose(({ meaning }) => meaning !== undefined);
  if (share === 0) return null;
  return {
    codec: { as: 'words', words: pairs },
    share,
    titled: shareOfThose(({ text, meaning }) => meaning !== undefined || isNothing(text)),
    // A row of another mode has nothing there.
    unknown: found.filter(({ text, meaning }) => meaning === undefined && !isNothing(text)).map(({ text }) => text),
  };
}

const CODE = /^(.*?)([0-7]{3})(.*)$/;

function tone(column: Column): Inferred | null {
  const isNone = (text: string) => NOTHING.test(plainWord(text)) || /^0+([.,]0+)?( ?hz)?$/i.test(text.trim());
  const real = column.texts.filter(({ text }) => !isNone(text));
  // Tenths of a hertz throughout: `885`, `1000`.
  const tenths = real.length > 0 && real.every(({ text }) => /^\d{3,4}$/.test(text.trim()) && !/^0/.test(text.trim()));
  const read = (text: string) => readTone(tenths ? String(Number(text) / 10) : text);
  const tones = real.flatMap(({ text, count }) => {
    const value = read(text.trim());
    return value === undefined || value === null ? [] : [{ text, count, value }];
  });
  const none = column.texts.find(({ text }) => isNone(text))?.text ?? '';
  if (tones.length === 0 && real.length > 0) return null;
  const counted = tones.reduce((sum, { count }) => sum + count, 0);
  const nones = column.texts.filter(({ text }) => isNone(text)).reduce((sum, { count }) => sum + count, 0);
  const hertz = tones.filter(({ value }) => !value.startsWith('D'));
  const sample = /^(\D*?)(\d[\d.,]*)(\D*)$/.exec(hertz[0]?.text ?? '88.5') ?? ['', '', '88.5', ''];
  const digits = hertz.map(({ text }) => /\d[\d.,]*/.exec(text)?.[0] ?? '');
  const decimals = digits.map((text) => /[.,](\d+)/.exec(text)?.[1]?.length ?? 0);
  const codes = tones.filter(({ value }) => value.startsWith('D'));
  const partsOf = (isInverted: boolean) => {
    const one = codes.find(({ value }) => value.endsWith(isInverted ? 'I' : 'N'));
    return one ? CODE.exec(one.text.trim()) : null;
  };
  const [normal, inverted] = [partsOf(false), partsOf(true)];
  return {
    codec: {
      as: 'tone',
      none,
      hertz: {
        prefix: sample[1]!,
        suffix: sample[3]!,
        comma: digits.some((text) => text.includes(',')),
        decimals: decimals.length > 0 ? [Math.min(...decimals), Math.max(...decimals)] : [1, 1],
        tenths,
      },
      code: {
        prefix: normal?.[1] ?? inverted?.[1] ?? 'D',
        normal: normal?.[3] ?? 'N',
        inverted: inverted?.[3] ?? (normal?.[3] === 'n' ? 'i' : 'I'),
      },
    },
    share: (counted + nones) / column.filled,
    unknown: [],
    ...(tones.length === 0 ? { bare: true as const } : {}),
  };
}

/** What stands behind a code, where a column shows one sense only or none. */
function sensesOf(normal: string | undefined, inverted: string | undefined): { normal: string; inverted: string } {
  const shown = normal ?? inverted ?? '';
  if (shown === '' && (normal === undefined || inverted === undefined))
    return { normal: normal ?? '', inverted: inverted ?? '' };
  const isSmall = shown === shown.toLowerCase();
  return { normal: normal ?? (isSmall ? 'n' : 'N'), inverted: inverted ?? (isSmall ? 'i' : 'I') };
}

function code(column: Column): Inferred | null {
  const isNone = (text: string) => isNothing(text);
  const codes = column.texts.flatMap(({ text, count }) => {
    const parts = isNone(text) ? null : codeParts(text);
    return parts ? [{ ...parts, count }] : [];
  });
  const nones = column.texts.filter(({ text }) => isNone(text));
  const counted = [...codes, ...nones].reduce((sum, { count }) => sum + count, 0);
  if (codes.length === 0 && nones.length === 0) return null;
  const isInverted = ({ prefix, suffix }: (typeof codes)[number]) => saysInverted(suffix) || prefix.startsWith('-');
  const normal = codes.find((one) => !isInverted(one));
  const inverted = codes.find(isInverted);
  const sample = normal ?? inverted;
  return {
    codec: {
      as: 'code',
      none: nones[0]?.text ?? '',
      width: codes.some(({ digits }) => digits < 3) ? 0 : 3,
      prefix: sample?.prefix.replace('-', '') ?? '',
      ...sensesOf(normal?.suffix, inverted?.suffix),
    },
    share: counted / column.filled,
    unknown: [],
    ...(codes.length === 0 ? { bare: true as const } : {}),
  };
}

const texts = new WeakMap<Column, Extract<CellCodec, { as: 'text' }>>();

/** How the texts of a column are written: the same for every field that it could hold. */
function textCodec(column: Column): Extract<CellCodec, { as: 'text' }> {
  const known = texts.get(column);
  if (known) return known;
  const letters = column.texts.map((one) => one.text);
  const capitals = letters.some((one) => /[A-Z]{2}/.test(one)) && letters.every((one) => one === one.toUpperCase());
  const lengths = new Set(column.cells.filter((cell) => cell !== '').map((cell) => cell.length));
  const isPadded = lengths.size === 1 && letters.some((one) => one.endsWith(' '));
  const codec = { as: 'text' as const, capitals, pad: isPadded ? [...lengths][0]! : 0 };
  texts.set(column, codec);
  return codec;
}

function text(column: Column, fits: (cell: string) => boolean): Inferred {
  return { codec: textCodec(column), share: shareOf(column, fits), unknown: [] };
}

/** Whole numbers, each once, rising. */
function row(column: Column): Inferred | null {
  const numbers = whole(column, 0, 1e9);
  if (!numbers || numbers.share < 1 || column.texts.length < column.filled) return null;
  const values = column.cells.flatMap((cell) => (cell.trim() === '' ? [] : [Number(/\d+/.exec(cell)?.[0])]));
  // No number is not greater than any: it ends the rise.
  const rising = values.every((value, at) => at === 0 || value > values[at - 1]!);
  const dense = values.length > 0 && values.at(-1)! - values[0]! <= values.length * 3 + 20;
  return rising ? { ...numbers, share: dense && values[0]! <= 1 ? 1 : dense ? 0.9 : 0.7 } : null;
}

/** How a column could hold a field; `null` where it cannot at all, or has no cells to tell. */
export function infer(field: KitField, column: Column): Inferred | null {
  if (column.filled === 0) return null;
  const { reads } = field;
  switch (reads.as) {
    case 'frequency':
      return frequency(column);
    case 'shift':
      return shift(column);
    case 'degrees':
      return degrees(column, reads.most);
    case 'whole':
      return whole(column, reads.low, reads.high);
    case 'hex':
      return hex(column);
    case 'tone':
      return tone(column);
    case 'code':
      return code(column);
    case 'words':
      return words(column, reads.words, reads.watts ?? false);
    case 'text':
      return text(column, reads.fits);
    case 'row':
      return row(column);
    case 'named':
    case 'members':
      return null;
  }
}
