/** The bytes of a settings file as a text and back, none lost: UTF-8 where they are, else a character a byte. */
import type { TaughtFile } from '../plan/taught-file';

/** @returns the text, and how it is written again */
export function textOfBytes(bytes: Uint8Array): { text: string; encoding: TaughtFile['encoding'] } {
  try {
    // A mark at the beginning stays in the text, so that it is written again.
    return { text: new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes), encoding: 'utf-8' };
  } catch {
    let text = '';
    for (const byte of bytes) text += String.fromCharCode(byte);
    return { text, encoding: 'latin1' };
  }
}

/** A character that the encoding has not becomes a question mark. */
export function bytesOfText(text: string, encoding: TaughtFile['encoding']): Uint8Array {
  if (encoding === 'utf-8') return new TextEncoder().encode(text);
  return Uint8Array.from(text, (one) => (one.charCodeAt(0) > 0xff ? 0x3f : one.charCodeAt(0)));
}
