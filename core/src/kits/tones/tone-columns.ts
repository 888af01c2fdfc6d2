/**
 * Columns of programs that say a tone in parts: which kind it is in one column, tones in another, digital codes in a third.
 * Titles and words in eight languages, from memory.
 */
import type { KitField } from '../kit-field';
import { NOTHING, YES } from '../plain';

const TONE = String.raw`(ctcss\w*|tones?|ton|tonos?|toni|toon|subton\w*|subaudio|pl|tonruf|subtoon|ctdcs|sendeton|empfangston)`;
const CODE = String.raw`(dcs\w*|dtcs|dpl|cdcss)`;
const EITHER = `(${TONE}|${CODE})`;
export const KIND = String.raw`(type|mode|kind|typ|art|modus|modo|tipo|genre|sort|soort|function|funktion|fonction|funcion|funzione|functie|signal\w*)`;
const SENT = String.raw`(tx|transmit\w*|enc\w*|sende\w*|send|sent|emis\w*|emett\w*|trasmis\w*|zend\w*|codeur|geber)`;
const HEARD = String.raw`(rx|receiv\w*|recept\w*|dec\w*|empfang\w*|recep\w*|ricez\w*|ontvang\w*|auswerter)`;
const TURN = String.raw`(polarity|polaritat|polarite|polaridad|polarita|polariteit|sense|invers\w*|invert\w*|reverse)`;

const has = (...words: string[]) => words.map((word) => String.raw`(?=.*\b${word}\b)`).join('');
const lacks = (...words: string[]) => words.map((word) => String.raw`(?!.*\b${word}\b)`).join('');

const NO_TONE = new RegExp(
  String.raw`${NOTHING.source}|^(carrier( squelch)?|csq|noise|(no|kein|sans|sin|senza|geen) (tone?|tono|toon))$`,
);
const ENCODE = String.raw`(enc(ode[rd]?)?|tx|sent|send\w*|emission|envio|invio|zenden)`;
const DECODE = String.raw`(dec(ode[rd]?)?|rx|heard|receive|empfang\w*|reception|recepcion|ricezione|ontvangen)`;
const TONES = String.raw`(ctcss|tone?|tono|toon|tonalite|ct|t|subton\w*|pl)`;
const CODES = String.raw`(dcs|dtcs|dpl|cdcss|d)`;
const AND = String.raw` ?(/|\+|&|-|and|und|et|y|e|en) ?`;

/** What one column says of both directions. */
export const TONE_MODE_WORDS = {
  none: NO_TONE,
  'tone sent': new RegExp(
    String.raw`^(t|tone?|tono|toon|tonalite|enc(ode)?|${TONES}[ -]?${ENCODE}|${ENCODE} ?${TONES}|tx only|nur senden|emission seule|solo (tx|emision|trasmissione)|alleen zenden)$`,
  ),
  'tone both ways': new RegExp(
    String.raw`^(t-?sq(l)?|${TONES} ?-?(sql?|squelch)|${ENCODE}${AND}${DECODE}|${TONES} ${ENCODE}${AND}${DECODE}|${TONES}[/>-]+${TONES}|both|beide[sn]?|les deux|ambos|entrambi)$`,
  ),
  'tone heard': new RegExp(String.raw`^(dec(ode)?|${TONES}[ -]?${DECODE}|${DECODE} ?${TONES}|rx only)$`),
  /** Both columns of tones hold one; the heard one counts for both directions. */
  'heard tone both ways': /^never$/,
  /** Each column of tones counts for its direction, also where it holds none. */
  'each its own': /^(ctcss ?\/ ?dcs|tone ?\/ ?code)$/,
  'code both ways': new RegExp(
    String.raw`^((dcs|dtcs|dpl|cdcss)( ?-?(sql?|squelch))?|code( squelch)?|(dcs|dtcs|dpl|cdcss) ${ENCODE}${AND}${DECODE}|d/d)$`,
  ),
  'code sent': new RegExp(String.raw`^((dcs|dtcs|dpl|cdcss)[ -]?${ENCODE}|${ENCODE} ?(dcs|dtcs|dpl|cdcss))$`),
  'code heard': new RegExp(String.raw`^((dcs|dtcs|dpl|cdcss)[ -]?${DECODE}|${DECODE} ?(dcs|dtcs|dpl|cdcss))$`),
  'tone sent, code heard': new RegExp(String.raw`^${TONES} ?(-|/|>|->) ?${CODES}$`),
  'code sent, tone heard': new RegExp(String.raw`^${CODES} ?(-|/|>|->) ?(${TONES}|tsql)$`),
  /** Sent, or both ways: what else is in the column tells. */
  tone: new RegExp(String.raw`^(ctcss|pl|subton\w*)$|${YES.source}`),
} as const satisfies Record<string, RegExp>;
export type ToneMode = Exclude<keyof typeof TONE_MODE_WORDS, 'tone'>;

/** What a column says of one direction. */
export const TONE_KIND_WORDS = {
  none: NO_TONE,
  tone: new RegExp(String.raw`^(ctcss|tone?|tono|toon|tonalite|pl|ct|t|analog\w*)$|${YES.source}`),
  'code inverted': /^(dcs|dtcs|dpl|cdcss|digital\w*|code|d)[ -]?(i|inv\w*|r|rev\w*)$/,
  code: /^(dcs|dtcs|dpl|cdcss|digital\w*|code|d)([ -]?(n|norm\w*))?$/,
} as const satisfies Record<string, RegExp>;

/** Which of the two codes is sent inverted. */
export const TONE_TURN_WORDS = {
  'both normal': /^(n|nn|n-n|n\/n|normal\w*|both normal|rn ?tn|no|off|0)$/,
  'heard inverted': /^(nr|ni|n-r|n\/r|n\/i|tn-?rr|tn-?ri)$/,
  'sent inverted': /^(rn|in|r-n|r\/n|i\/n|tr-?rn|ti-?rn)$/,
  'both inverted': /^(r|i|rr|ii|r-r|r\/r|i\/i|inv\w*|rev\w*|yes|on|1)$/,
} as const satisfies Record<string, RegExp>;

/** Without a title they are no guess; with one that may mean them they are taken. */
const TELLING = 0.35;

const code = (side: 'tx' | 'rx', title: string, heading: RegExp): KitField => ({
  id: `tone-code-${side}`,
  title,
  reads: { as: 'code' },
  heading,
  never: new RegExp(String.raw`\b${KIND}\b|\b${TURN}\b|\b${side === 'tx' ? HEARD : SENT}\b`),
  telling: 0,
});

const kind = (side: 'tx' | 'rx', title: string): KitField => ({
  id: `tone-kind-${side}`,
  title,
  reads: { as: 'words', words: TONE_KIND_WORDS },
  heading: new RegExp(
    `^${has(EITHER, KIND, side === 'tx' ? SENT : HEARD)}|^${side === 'tx' ? 'enc' : 'dec'}(ode[rd]?)? ?${KIND}$`,
  ),
  loose: new RegExp(`^${has(EITHER, side === 'tx' ? SENT : HEARD)}`),
  never: new RegExp(String.raw`\b${side === 'tx' ? HEARD : SENT}\b|\b${TURN}\b`),
  telling: TELLING,
  alone: (cells) => cells.some((cell) => /\p{L}/u.test(cell)),
});

/** Before the columns of tones: where both fit, the title of a code says more. */
export const TONE_COLUMNS: readonly KitField[] = [
  // One column of codes alone is for both directions: it is known as the one that is sent.
  code('tx', 'Digital code sent', new RegExp(`^${has(CODE)}${lacks(TONE, HEARD)}`)),
  code('rx', 'Digital code heard', new RegExp(`^${has(CODE, HEARD)}${lacks(TONE)}`)),
  {
    id: 'tone-mode',
    title: 'Tone, code or none',
    reads: { as: 'words', words: TONE_MODE_WORDS, vague: ['tone'] },
    heading: new RegExp(
      String.raw`^${has(EITHER, KIND)}${lacks(SENT, HEARD)}|^(tonart|tonmodus|tontyp|tonbetriebsart|tonfunktion)$`,
    ),
    loose: new RegExp(String.raw`^${EITHER}$|^(squelch|sql|rauschsperre) ?(${KIND})$|^squelchart$`),
    never: new RegExp(String.raw`\b${TURN}\b|\b${SENT}\b|\b${HEARD}\b`),
    telling: TELLING,
    // “Carrier” alone says how a squelch works, not which tone there is.
    alone: (cells) => cells.some((cell) => /tone?|tsq|sql|enc|ctcss|dcs|tono|toon/i.test(cell)),
  },
  kind('tx', 'Tone or code sent'),
  kind('rx', 'Tone or code heard'),
  {
    id: 'tone-turn',
    title: 'Inverted codes',
    reads: { as: 'words', words: TONE_TURN_WORDS },
    heading: new RegExp(`^${has(EITHER, TURN)}`),
    telling: 0,
  },
];
