/** Tones that open an FM receiver: CTCSS, digital codes (DCS), and the burst that some repeaters want. */
import { DCS_CODES, inverseOf, sameOnAir } from './dcs';

/**
 * `110.9` (CTCSS, Hz), `D023N` or `D023I` (DCS, octal, normal or inverted), `1750` (burst, Hz). May be none of the
 * table: a check says so.
 */
export type ToneText = string;

/** What is known of a site's tone: one, that it needs or sends none, or `null`: nobody has said. */
export type SiteTone = ToneText | typeof NO_TONE | null;

/** A site that opens without a tone, or sends none. */
export const NO_TONE = 'none';

/** A short tone of 1750 Hz at the beginning of a call, in place of a tone that lasts. Common practice. */
export const BURST = '1750';

/** What a plan stores of a tone. */
export const TONE_PATTERN = `^(\\d{2,3}\\.\\d|${BURST}|D[0-7]{3}[NI])$`;

/** CTCSS: TIA-603 and the usual fifty (from memory). */
const CTCSS_HZ: readonly number[] = [
  67.0, 69.3, 71.9, 74.4, 77.0, 79.7, 82.5, 85.4, 88.5, 91.5, 94.8, 97.4, 100.0, 103.5, 107.2, 110.9, 114.8, 118.8,
  123.0, 127.3, 131.8, 136.5, 141.3, 146.2, 151.4, 156.7, 159.8, 162.2, 165.5, 167.9, 171.3, 173.8, 177.3, 179.9, 183.5,
  186.2, 189.9, 192.8, 196.6, 199.5, 203.5, 206.5, 210.7, 218.1, 225.7, 229.1, 233.6, 241.8, 250.3, 254.1,
];

function dcsOf(tone: ToneText): { code: string; inverted: boolean } | null {
  const match = /^D([0-7]{3})([NI])$/.exec(tone);
  return match && { code: match[1]!, inverted: match[2] === 'I' };
}

/** Whether a tone as plans write it is in the tables that radios are built to. */
export function isStandardTone(tone: ToneText): boolean {
  const dcs = dcsOf(tone);
  return dcs ? DCS_CODES.includes(dcs.code) : tone === BURST || CTCSS_HZ.includes(Number(tone));
}

/** Whether two tones are the same on the air: `D023I` is `D047N`. `null` is no tone. */
export function sameTone(a: ToneText | null, b: ToneText | null): boolean {
  if (a === b) return true;
  const [one, other] = [a === null ? null : dcsOf(a), b === null ? null : dcsOf(b)];
  return one !== null && other !== null && sameOnAir(one, other);
}

/** The tone of the tables nearest to one that is not in them; for a DCS code the next lower one. */
export function nearestTone(tone: ToneText): ToneText {
  const dcs = dcsOf(tone);
  if (!dcs) return nearestCtcssHz(Number(tone)).toFixed(1);
  const lower = DCS_CODES.filter((one) => one <= dcs.code).at(-1) ?? '023';
  return `D${lower}${dcs.inverted ? 'I' : 'N'}`;
}

/** How people say a tone: `110.9 Hz`, `DCS 023 inverted (047 normal)`, `none`. */
export function toneWords(tone: ToneText | null): string {
  if (tone === null || tone === NO_TONE) return 'none';
  const dcs = dcsOf(tone);
  if (!dcs) return tone === BURST ? `${BURST} Hz burst` : `${tone} Hz`;
  if (!dcs.inverted) return `DCS ${dcs.code}`;
  const normal = inverseOf(dcs.code);
  return `DCS ${dcs.code} inverted${normal === null ? '' : ` (${normal} normal)`}`;
}

/** How people say what is known of a site's tone. */
export function siteToneWords(tone: SiteTone): string {
  return tone === null ? 'not said' : toneWords(tone);
}

/** The tone that a radio sends for a site; `null`: none, also where nothing is said. */
export function toneFor(tone: SiteTone): ToneText | null {
  return tone === NO_TONE ? null : tone;
}

/** The CTCSS tone of the table nearest to a frequency, Hz. */
export function nearestCtcssHz(hz: number): number {
  return CTCSS_HZ.reduce((best, one) => (Math.abs(one - hz) < Math.abs(best - hz) ? one : best));
}

const SENSE = 'N|NORMAL|I|INV|INVERT|INVERTED|R|REV|REVERSE|REVERSED';
const DCS_NAMED = new RegExp(`^([+-]?)(?:DCS|DTCS|DPL|D)[\\s:.]*([+-]?)(?:(${SENSE})\\s*)?([0-7]{3})\\s*(${SENSE})?$`);
/** Without a name a code is known by its sense, its sign, or a zero in front. */
const DCS_BARE = new RegExp(`^([+-]?)(?:(${SENSE})\\s*)?([0-7]{3})\\s*(${SENSE})?$`);
const CTCSS = /^(?:CTCSS|CTC|TPL|PL|TSQ|T|TONE)?[\s:=]*(\d{2,4})(?:[.,](\d{1,2}))?\s*(?:HZ)?$/;
const BURST_WORDS = /^(?:TONE\s*)?(?:BURST)?\s*1[.,\s]?750\s*(?:K?HZ)?(?:\s*BURST)?$/;

function asDcs(code: string, signs: readonly (string | undefined)[]): ToneText | undefined {
  if (!DCS_CODES.includes(code)) return undefined;
  return `D${code}${signs.some((one) => one === '-' || (one && /^[IR]/.test(one))) ? 'I' : 'N'}`;
}

function readDcs(plain: string): ToneText | undefined {
  const named = DCS_NAMED.exec(plain);
  if (named) return asDcs(named[4]!, [named[1], named[2], named[3], named[5]]);
  const bare = DCS_BARE.exec(plain);
  if (!bare) return undefined;
  const [, sign, before, code, after] = bare;
  return sign || before || after || code!.startsWith('0') ? asDcs(code!, [sign, before, after]) : undefined;
}

function readCtcss(plain: string): ToneText | undefined {
  const match = CTCSS.exec(plain);
  if (!match) return undefined;
  const [, whole, part] = match;
  const value = Number(`${whole}.${part ?? '0'}`);
  if (CTCSS_HZ.includes(value)) return value.toFixed(1);
  // A point that was left out: 885 is 88.5, and no other tone.
  return part === undefined && CTCSS_HZ.includes(value / 10) ? (value / 10).toFixed(1) : undefined;
}

/** English, German, French, Spanish, Italian, Portuguese, Dutch, Scandinavian. From memory. */
const NO_TONE_WORDS =
  /^(NO|NONE|OFF|0|0[.,]0|CSQ|CARRIER( SQUELCH)?|OPEN|WITHOUT|(NO|OHNE|SANS|SIN|SENZA|SEM|GEEN|UDEN|UTEN|UTAN) (TONE?|TONO|TOM|TOON|SUBTONE?|CTCSS|PL)|KEINE?R?|OHNE|AUCUNE?|SANS|NINGUNO|SIN|NESSUNO|SENZA|NENHUM|GEEN|INGEN)$/;

/**
 * What people write for a tone: `88.5`, `88,5 Hz`, `PL 88.5`, `885`, `D023N`, `D023I`, `D023R`, `-023`, `R023`, `1750`;
 * `none` in many words. `null` where the text says nothing (empty, a dash, a question mark), `undefined` where it
 * cannot be a tone of the tables.
 */
export function readTone(text: string): SiteTone | undefined {
  const plain = text
    .trim()
    .toUpperCase()
    .replace(/[\u2010-\u2015\u2212\u00ad\uff0d]/g, '-');
  if (/^(|-+|\?|N\/?A|UNKNOWN|NOT SAID)$/.test(plain)) return null;
  if (NO_TONE_WORDS.test(plain)) return NO_TONE;
  if (BURST_WORDS.test(plain)) return BURST;
  return readDcs(plain) ?? readCtcss(plain);
}

/**
 * What a person types for the tone of a channel; nothing is no tone. `undefined` when it cannot be one of the tables.
 */
export function readToneText(text: string): ToneText | null | undefined {
  const tone = readTone(text);
  return tone === undefined ? undefined : toneFor(tone);
}
