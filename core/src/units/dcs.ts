/**
 * Digital coded squelch: what a code is on the air. A radio sends the 23 bits of a (23,12) Golay code word over and over, so a
 * receiver cannot tell where the word begins: two codes are the same where one word is a rotation of the other.
 * Source: the Golay code (Golay 1949); the fixed bits and the 104 usual codes from memory.
 */

/** The generator of the (23,12) Golay code: x¹¹ + x¹⁰ + x⁶ + x⁵ + x⁴ + x² + 1. Code 023 gives the check bits 763 hex (from memory). */
const GENERATOR = 0xc75;
const BITS = 23;
const MASK = 0x7fffff;
/** Three bits that stand above the nine of every code. */
const FIXED = 0o4 << 9;

/** The usual codes, three octal digits each. */
export const DCS_CODES: readonly string[] = (
  '023 025 026 031 032 036 043 047 051 053 054 065 071 072 073 074 114 115 116 122 125 131 132 134 143 145 152 155 156 162 165 172 174 205 212 223 225 226 243 244 245 246 251 252 255 261 263 265 266 271 274 ' +
  '306 311 315 325 331 332 343 346 351 356 364 365 371 411 412 413 423 431 432 445 446 452 454 455 462 464 465 466 503 506 516 523 526 532 546 565 606 612 624 627 631 632 654 662 664 703 712 723 731 732 734 743 754'
).split(' ');

/** The 23 bits of a code: 12 data bits, and the remainder of their division by the generator behind them. */
function wordOf(code: string): number {
  const data = (FIXED | parseInt(code, 8)) << 11;
  let rest = data;
  for (let bit = BITS - 1; bit >= 11; bit -= 1) if (rest & (1 << bit)) rest ^= GENERATOR << (bit - 11);
  return data | rest;
}

/**
 * The least of the 23 rotations of what a code sends: equal for codes that are the same on the air.
 * `code`: three octal digits; `inverted`: every bit the other way round.
 */
function airWord(code: string, inverted: boolean): number {
  let word = inverted ? ~wordOf(code) & MASK : wordOf(code);
  let least = word;
  for (let turn = 1; turn < BITS; turn += 1) {
    word = ((word << 1) | (word >> (BITS - 1))) & MASK;
    least = Math.min(least, word);
  }
  return least;
}

/** Whether two codes, each normal or inverted, are the same on the air. */
export function sameOnAir(a: { code: string; inverted: boolean }, b: { code: string; inverted: boolean }): boolean {
  return airWord(a.code, a.inverted) === airWord(b.code, b.inverted);
}

/** The usual code that sends normally what this one sends inverted: `023` → `047`; `null` where none does. */
export function inverseOf(code: string): string | null {
  const word = airWord(code, true);
  return DCS_CODES.find((other) => airWord(other, false) === word) ?? null;
}
