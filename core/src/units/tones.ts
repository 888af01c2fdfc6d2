/** `110.9` (CTCSS, Hz), `D023N` or `D023I` (DCS, octal, normal or inverted). May be none of the table: a check says so. */
export type ToneText = string;

/** What a plan stores of a tone. */
export const TONE_PATTERN = '^(\\d{2,3}\\.\\d|D[0-7]{3}[NI])$';

/** Tones that open an FM receiver. CTCSS: TIA-603 and the usual fifty (from memory); DCS: the usual 104 codes, octal (from memory). */
const CTCSS_HZ: readonly number[] = [
  67.0, 69.3, 71.9, 74.4, 77.0, 79.7, 82.5, 85.4, 88.5, 91.5, 94.8, 97.4, 100.0, 103.5, 107.2, 110.9, 114.8, 118.8,
  123.0, 127.3, 131.8, 136.5, 141.3, 146.2, 151.4, 156.7, 159.8, 162.2, 165.5, 167.9, 171.3, 173.8, 177.3, 179.9, 183.5,
  186.2, 189.9, 192.8, 196.6, 199.5, 203.5, 206.5, 210.7, 218.1, 225.7, 229.1, 233.6, 241.8, 250.3, 254.1,
];

const DCS_CODES: ReadonlySet<string> = new Set(
  (
    '023 025 026 031 032 036 043 047 051 053 054 065 071 072 073 074 114 115 116 122 125 131 132 134 143 145 152 155 156 162 165 172 174 205 212 223 225 226 243 244 245 246 251 252 255 261 263 265 266 271 274 ' +
    '306 311 315 325 331 332 343 346 351 356 364 365 371 411 412 413 423 431 432 445 446 452 454 455 462 464 465 466 503 506 516 523 526 532 546 565 606 612 624 627 631 632 654 662 664 703 712 723 731 732 734 743 754'
  ).split(' '),
);

export interface Tone {
  ctcssHz: number | null;
  /** Three octal digits. */
  dcs: string | null;
}

export const NO_TONE: Tone = { ctcssHz: null, dcs: null };

/** A tone as plans write it: `110.9`, `D023N`; `null` for none. A list that names a DCS code means it normal, not inverted. */
export function toneText({ ctcssHz, dcs }: Tone): string | null {
  if (ctcssHz !== null) return ctcssHz.toFixed(1);
  return dcs === null ? null : `D${dcs}N`;
}

/** Whether a tone as plans write it is in the tables that radios are built to. */
export function isStandardTone(tone: string): boolean {
  const code = /^D(\d{3})[NI]$/.exec(tone);
  return code ? DCS_CODES.has(code[1]!) : CTCSS_HZ.includes(Number(tone));
}

/** The tone of the tables nearest to one that is not in them; for a DCS code the next lower one. */
export function nearestTone(tone: string): string {
  const code = /^D(\d{3})([NI])$/.exec(tone);
  if (!code) return nearestCtcssHz(Number(tone)).toFixed(1);
  const lower = [...DCS_CODES].filter((one) => one <= code[1]!).at(-1) ?? '023';
  return `D${lower}${code[2]}`;
}

/** How people say a tone: `110.9 Hz`, `DCS 023 N`, `none`. */
export function toneWords(tone: string | null): string {
  if (tone === null) return 'none';
  const code = /^D(\d{3})([NI])$/.exec(tone);
  return code ? `DCS ${code[1]} ${code[2]}` : `${tone} Hz`;
}

/** What a person types for a tone. `undefined` when it cannot be one of the tables. Keeps the inversion of a DCS code. */
export function readToneText(text: string): string | null | undefined {
  const tone = parseTone(text);
  if (!tone) return undefined;
  const plain = toneText(tone);
  return tone.dcs !== null && /[IR]\s*$/i.test(text) ? plain!.replace(/N$/, 'I') : plain;
}

/** The CTCSS tone of the table nearest to a frequency, Hz. */
export function nearestCtcssHz(hz: number): number {
  return CTCSS_HZ.reduce((best, one) => (Math.abs(one - hz) < Math.abs(best - hz) ? one : best));
}

/** `88.5`, `88,5 Hz`, `CTCSS 88.5`, `D023N`, `none`; an empty cell is no tone. `null` when it is none of the table. */
export function parseTone(text: string): Tone | null {
  const plain = text.trim().toUpperCase();
  if (/^(|-|–|NONE|OFF|NO|0)$/.test(plain)) return NO_TONE;
  const code = /^(?:DCS|DTCS|D)\s*(\d{3})\s*[NIR]?$/.exec(plain);
  if (code) return DCS_CODES.has(code[1]!) ? { ctcssHz: null, dcs: code[1]! } : null;
  const hertz = /^(?:CTCSS|T|TONE)?\s*(\d{2,3}(?:[.,]\d)?)\s*(?:HZ)?$/.exec(plain);
  if (!hertz) return null;
  const value = Number(hertz[1]!.replace(',', '.'));
  return CTCSS_HZ.includes(value) ? { ctcssHz: value, dcs: null } : null;
}
