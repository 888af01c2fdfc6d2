/** Bytes as text and back, none lost: the encoding is found from what is there. */

export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

export interface Encoded {
  encoding: Encoding;
  /** Whether a byte order mark stands at the beginning. */
  mark: boolean;
}

export interface Decoded extends Encoded {
  /** Without the mark. */
  text: string;
}

const MARKS: readonly (readonly [Encoding, readonly number[]])[] = [
  ['utf-8', [0xef, 0xbb, 0xbf]],
  ['utf-16le', [0xff, 0xfe]],
  ['utf-16be', [0xfe, 0xff]],
];

/** Of the first bytes: enough to tell UTF-16 without a mark by the zeros in every second place. */
const LOOKED_AT = 2000;

function unmarkedUtf16(bytes: Uint8Array): Encoding | null {
  const length = Math.min(bytes.length - (bytes.length % 2), LOOKED_AT);
  if (bytes.length < 4 || bytes.length % 2 === 1) return null;
  let [even, odd] = [0, 0];
  for (let at = 0; at < length; at += 2) {
    if (bytes[at] === 0) even += 1;
    if (bytes[at + 1] === 0) odd += 1;
  }
  const most = length / 2;
  if (odd > most * 0.7 && even < most * 0.1) return 'utf-16le';
  return even > most * 0.7 && odd < most * 0.1 ? 'utf-16be' : null;
}

/**
 * UTF-16 by its mark, or by its zeros; UTF-8 where it is valid; else Windows-1252, which any bytes are (WHATWG Encoding
 * Standard: the five places that it leaves free stand for the control characters of the same number).
 */
export function decodeBytes(bytes: Uint8Array): Decoded {
  const marked = MARKS.find(([, mark]) => mark.every((byte, at) => bytes[at] === byte));
  const encoding = marked?.[0] ?? unmarkedUtf16(bytes);
  const body = marked ? bytes.subarray(marked[1].length) : bytes;
  if (encoding !== null && encoding !== 'utf-8')
    return { text: new TextDecoder(encoding, { ignoreBOM: true }).decode(body), encoding, mark: Boolean(marked) };
  try {
    const text = new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(body);
    return { text, encoding: 'utf-8', mark: Boolean(marked) };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'windows-1252', mark: false };
  }
}

let westernBytes: ReadonlyMap<string, number> | null = null;

/** The byte of each character of Windows-1252. */
function western(): ReadonlyMap<string, number> {
  westernBytes ??= new Map(
    [...new TextDecoder('windows-1252').decode(Uint8Array.from({ length: 256 }, (_, byte) => byte))].map(
      (letter, byte) => [letter, byte] as const,
    ),
  );
  return westernBytes;
}

/** Whether every character of a text can be written. */
export function canEncode(text: string, { encoding }: Encoded): boolean {
  return encoding !== 'windows-1252' || [...text].every((letter) => western().has(letter));
}

function utf16(text: string, isLittle: boolean): Uint8Array {
  const bytes = new Uint8Array(text.length * 2);
  const view = new DataView(bytes.buffer);
  for (let at = 0; at < text.length; at += 1) view.setUint16(at * 2, text.charCodeAt(at), isLittle);
  return bytes;
}

function body(text: string, encoding: Encoding): Uint8Array {
  if (encoding === 'utf-8') return new TextEncoder().encode(text);
  if (encoding !== 'windows-1252') return utf16(text, encoding === 'utf-16le');
  const bytes = western();
  return Uint8Array.from(text, (letter) => bytes.get(letter) ?? 0x3f);
}

/** A character that the encoding does not have becomes a question mark: ask `canEncode` before. */
export function encodeText(text: string, { encoding, mark }: Encoded): Uint8Array {
  const bytes = body(text, encoding);
  const [, before] = (mark && MARKS.find(([one]) => one === encoding)) || [];
  if (!before) return bytes;
  const whole = new Uint8Array(before.length + bytes.length);
  whole.set(before);
  whole.set(bytes, before.length);
  return whole;
}
