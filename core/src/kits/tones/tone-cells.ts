/** Tones and digital codes as cells have them. */
import type { CellCodec } from '../../plan/kit';
import { DCS_CODES } from '../../units/dcs';
import { NO_TONE, readTone } from '../../units/tones';
import { numberIn, withDecimals } from '../numbers';
import { isNothing, plainWord } from '../plain';

/** There are some hundred and fifty tones: what a cell says is found once for each. */
const knownTones = new WeakMap<CellCodec, Map<string, string | undefined>>();
const MOST_KNOWN = 1000;

/** `undefined`: no tone. */
export function readToneCell(codec: Extract<CellCodec, { as: 'tone' }>, cell: string): string | undefined {
  const known = knownTones.get(codec) ?? new Map<string, string | undefined>();
  knownTones.set(codec, known);
  if (!known.has(cell) && known.size < MOST_KNOWN) known.set(cell, toneIn(codec, cell));
  return known.has(cell) ? known.get(cell) : toneIn(codec, cell);
}

function toneIn({ none, hertz }: Extract<CellCodec, { as: 'tone' }>, cell: string): string | undefined {
  if (none !== '' && (cell === none || (/^\D*$/.test(cell) && plainWord(cell) === plainWord(none)))) return NO_TONE;
  const number = hertz.tenths ? numberIn(cell.slice(hertz.prefix.length)) : null;
  const tone = readTone(number ? String(number.value / 10) : cell);
  return tone === undefined || tone === null ? undefined : tone;
}

/** A tone, or `none`, as the column writes it. */
export function toneCell({ none, hertz, code }: Extract<CellCodec, { as: 'tone' }>, tone: string): string {
  if (tone === NO_TONE) return none;
  if (/^D\d{3}[NI]$/.test(tone))
    return `${code.prefix}${tone.slice(1, 4)}${tone.endsWith('I') ? code.inverted : code.normal}`;
  const value = Number(tone);
  const text = hertz.tenths ? String(Math.round(value * 10)) : withDecimals(value, hertz.decimals, hertz.comma);
  return `${hertz.prefix}${text}${hertz.suffix}`;
}

const CODE = /^(\D*?)([0-7]{1,3})(\D*)$/;

/** The parts of a digital code as a cell has it; `null` where it is none of the table. */
export function codeParts(cell: string): { prefix: string; code: string; digits: number; suffix: string } | null {
  const match = CODE.exec(cell.trim());
  if (!match) return null;
  const code = match[2]!.padStart(3, '0');
  return DCS_CODES.includes(code) ? { prefix: match[1]!, code, digits: match[2]!.length, suffix: match[3]! } : null;
}

/** Whether letters around a code say that it is sent inverted. */
export const saysInverted = (text: string): boolean => /^[-ir]|inv|rev/i.test(text.trim());

/** `undefined`: no code. */
export function readCode({ none, inverted }: Extract<CellCodec, { as: 'code' }>, cell: string): string | undefined {
  if (cell.trim() === none || isNothing(cell)) return NO_TONE;
  const parts = codeParts(cell);
  if (!parts) return undefined;
  const { prefix, code, suffix } = parts;
  const isInverted =
    (inverted !== '' && suffix.trim() === inverted.trim()) || saysInverted(suffix) || prefix.startsWith('-');
  return `D${code}${isInverted ? 'I' : 'N'}`;
}

/** A code, or `none`, as the column writes it. */
export function codeCell(
  { none, width, prefix, normal, inverted }: Extract<CellCodec, { as: 'code' }>,
  tone: string,
): string {
  if (tone === NO_TONE) return none;
  const digits = width === 0 ? String(Number(tone.slice(1, 4))) : tone.slice(1, 4);
  return `${prefix}${digits}${tone.endsWith('I') ? inverted : normal}`;
}
