/**
 * The text of a cell as a value and back. What cannot be read is `undefined`; every pair is checked against the
 * cells.
 */
import type { CellCodec } from '../plan/kit';
import { original } from '../tables/harmless';
import { NO_TONE, TONE_PATTERN } from '../units/tones';
import { numberIn, roundedTo, withDecimals } from './numbers';
import { plainWord } from './plain';
import { codeCell, readCode, readToneCell, toneCell } from './tones/tone-cells';

/** Of degrees: some 110 m. A sample with fewer shows places that happen to be round. */
const LEAST_DIGITS = 3;

const STORED_TONE = new RegExp(TONE_PATTERN);
const STORED_CODE = /^D\d{3}[NI]$/;

interface KnownWords {
  exact: ReadonlyMap<string, string>;
  plain: ReadonlyMap<string, string>;
}

const knownWords = new WeakMap<readonly (readonly [string, string])[], KnownWords>();

/** What words mean, the first of several that are the same. Made once for each list of words, which nothing changes. */
function wordsOf({ words }: Extract<CellCodec, { as: 'words' }>): KnownWords {
  const known = knownWords.get(words);
  if (known) return known;
  const backwards = [...words].reverse();
  const made = {
    exact: new Map(backwards),
    plain: new Map(backwards.map(([word, meaning]) => [plainWord(word), meaning] as const)),
  };
  knownWords.set(words, made);
  return made;
}

/** The value that a cell stands for, as text; Hz for frequencies. Not for members, which are several. */
export function decodeCell(codec: CellCodec, cell: string): string | undefined {
  switch (codec.as) {
    case 'frequency': {
      const number = numberIn(cell);
      if (!number) return undefined;
      const hz = Math.round(number.value * codec.unitHz);
      return Number.isSafeInteger(hz) ? String(hz) : undefined;
    }
    case 'degrees': {
      const number = numberIn(cell);
      return number && number.suffix === '' ? String(Math.round(number.value * 1e6)) : undefined;
    }
    case 'whole': {
      const { prefix, suffix } = codec;
      const inner = cell.trim();
      if (!inner.startsWith(prefix.trim()) || !inner.endsWith(suffix.trim())) return undefined;
      const digits = inner.slice(prefix.trim().length, inner.length - suffix.trim().length).trim();
      return /^\d{1,12}(\.0+)?$/.test(digits) ? String(Number(digits)) : undefined;
    }
    case 'hex': {
      const digits = cell
        .trim()
        .replace(/^(0x|\$)/i, '')
        .replace(/h$/i, '');
      return /^[0-9a-f]{1,6}$/i.test(digits) ? digits.toUpperCase() : undefined;
    }
    case 'words': {
      const known = wordsOf(codec);
      return known.exact.get(cell) ?? known.plain.get(plainWord(cell));
    }
    case 'tone':
      return readToneCell(codec, cell);
    case 'code':
      return readCode(codec, cell);
    case 'text':
      return original(codec.pad > 0 ? cell : cell.trim());
    case 'named':
      return codec.none !== '' && cell === codec.none ? '' : cell.trim();
    case 'members':
      return undefined;
  }
}

/** A value in the one form that cells are held against: `04` and `4` are the same number. */
export function plainValue(codec: CellCodec, value: string): string {
  return codec.as === 'whole' && /^\d+$/.test(value) ? String(Number(value)) : value;
}

/** What stands in a cell for a value; `null` where the file has no way to say it. */
export function encodeCell(codec: CellCodec, value: string): string | null {
  switch (codec.as) {
    case 'frequency': {
      const hz = Number(value);
      const sign = codec.plus && hz > 0 ? '+' : '';
      return `${sign}${withDecimals(hz / codec.unitHz, codec.decimals, codec.comma)}${codec.suffix}`;
    }
    case 'degrees':
      return roundedTo(Number(value) / 1e6, Math.max(LEAST_DIGITS, codec.decimals[1]), codec.comma);
    case 'whole':
      return `${codec.prefix}${plainValue(codec, value).padStart(codec.width, '0')}${codec.suffix}`;
    case 'hex':
      return `${codec.prefix}${value.padStart(codec.width, '0')}`;
    case 'words':
      return codec.words.find(([, meaning]) => meaning === value)?.[0] ?? null;
    case 'tone': {
      const stored = value === NO_TONE || STORED_TONE.test(value);
      if (!stored) return null;
      const text = toneCell(codec, value);
      // What would be read as something else is no way to say it.
      return value === NO_TONE || readToneCell(codec, text) === value ? text : null;
    }
    case 'code': {
      const stored = value === NO_TONE || STORED_CODE.test(value);
      const text = stored ? codeCell(codec, value) : '';
      return stored && readCode(codec, text) === value ? text : null;
    }
    case 'text':
      return (codec.capitals ? value.toUpperCase() : value).padEnd(codec.pad);
    case 'named':
      return value === '' ? codec.none : value;
    case 'members':
      return null;
  }
}
