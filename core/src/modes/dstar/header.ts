/**
 * The radio header: 41 bytes. Source: JARL, D-STAR system standard; that the low byte of the check sequence goes first is
 * from memory.
 */
import { padField } from './addresses';
import { FIELD_CHARACTERS, FIELD_LENGTH, HEADER_BYTES, SUFFIX_LENGTH } from '../../plan/modes/dstar/limits';

export interface Header {
  /** Three bytes, 0 to 255 each. */
  flags: readonly [number, number, number];
  rpt2: string;
  rpt1: string;
  ur: string;
  my: string;
  suffix: string;
}

/** In the order of the air. */
const FIELDS = [
  ['rpt2', FIELD_LENGTH],
  ['rpt1', FIELD_LENGTH],
  ['ur', FIELD_LENGTH],
  ['my', FIELD_LENGTH],
  ['suffix', SUFFIX_LENGTH],
] as const;
const FLAG_BYTES = 3;
const CHECKED_BYTES = HEADER_BYTES - 2;

/** CRC-CCITT as in X.25 (ITU-T V.42): reflected 1021 hex, start FFFF hex, complemented. 16 bits. */
export function checkSequence(bytes: Uint8Array): number {
  let crc = 0xffff;
  for (const byte of bytes) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit += 1) crc = crc & 1 ? (crc >>> 1) ^ 0x8408 : crc >>> 1;
  }
  return crc ^ 0xffff;
}

/** @throws RangeError for a field that is too long or holds another character than the standard allows */
export function encodeHeader(header: Header): Uint8Array {
  const bytes = new Uint8Array(HEADER_BYTES);
  bytes.set(header.flags);
  let at = FLAG_BYTES;
  for (const [name, length] of FIELDS) {
    const text = padField(header[name], length);
    if (text.length !== length || !FIELD_CHARACTERS.test(text))
      throw new RangeError(
        `${name}: found “${header[name]}”, expected at most ${length} of A to Z, 0 to 9, space and “/”.`,
      );
    for (let i = 0; i < length; i += 1) bytes[at + i] = text.charCodeAt(i);
    at += length;
  }
  const crc = checkSequence(bytes.subarray(0, CHECKED_BYTES));
  bytes[CHECKED_BYTES] = crc & 0xff;
  bytes[CHECKED_BYTES + 1] = crc >>> 8;
  return bytes;
}

/** `null` when the length or the check sequence is wrong: what was received is not what was sent. */
export function decodeHeader(bytes: Uint8Array): Header | null {
  if (bytes.length !== HEADER_BYTES) return null;
  const crc = checkSequence(bytes.subarray(0, CHECKED_BYTES));
  if (bytes[CHECKED_BYTES] !== (crc & 0xff) || bytes[CHECKED_BYTES + 1] !== crc >>> 8) return null;
  let at = FLAG_BYTES;
  const read = Object.fromEntries(
    FIELDS.map(([name, length]) => {
      const text = String.fromCharCode(...bytes.subarray(at, at + length));
      at += length;
      return [name, text];
    }),
  ) as Omit<Header, 'flags'>;
  return { flags: [bytes[0]!, bytes[1]!, bytes[2]!], ...read };
}
