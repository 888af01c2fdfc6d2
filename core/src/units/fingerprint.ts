/**
 * Short texts that tell versions of one thing apart. FNV-1a (Fowler, Noll, Vo), 32 bits, with two bases: good enough for
 * that, and no proof against somebody who means to deceive.
 */
const PRIME = 0x01000193;
const BASES = [0x811c9dc5, 0x01234567] as const;

const hex = (value: number) => (value >>> 0).toString(16).padStart(8, '0');

/** 16 hex digits. */
export function fingerprintText(text: string): string {
  return BASES.map((basis) => {
    let value: number = basis;
    for (let at = 0; at < text.length; at += 1) value = Math.imul(value ^ text.charCodeAt(at), PRIME);
    return hex(value);
  }).join('');
}

/** 16 hex digits of several byte sequences, in the order of their names. */
export function fingerprintFiles(files: readonly { name: string; bytes: Uint8Array }[]): string {
  const sorted = [...files].sort((a, b) => (a.name < b.name ? -1 : 1));
  return BASES.map((basis) => {
    let value: number = basis;
    for (const { bytes } of sorted) for (const byte of bytes) value = Math.imul(value ^ byte, PRIME);
    return hex(value);
  }).join('');
}
