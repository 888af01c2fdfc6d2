/** Bytes as text that JSON can hold (RFC 4648), and back. */
const CHUNK = 0x8000;

/** In base64 (RFC 4648), without line ends. */
export function toBase64(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += CHUNK) text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return btoa(text);
}

/** @throws DOMException for a text that is none */
export function fromBase64(text: string): Uint8Array {
  return Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
}
