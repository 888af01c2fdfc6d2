/**
 * Columns of tones, also of programs that say one in parts: which kind it is in one column, tones in another, digital
 * codes in a third. Titles and words in eight languages, from memory.
 */
import type { KitField } from '../kit-field';
import { NOTHING, YES } from '../plain';
import { any, both, only, RECEIVE, RECEIVED, SENT, TONES, TRANSMIT } from '../titles';

const TONE = any(...TONES, 'sendeton|empfangston');
/** As a column of tones is called that may hold codes too. */
const ANY_TONE = any(TONE, 'dcs');
const CODE = String.raw`(dcs\w*|dtcs|dpl|cdcss)`;
const EITHER = `(${TONE}|${CODE})`;
const KIND = any(
  'type|mode|kind|typ|art|modus|modo|tipo|genre|sort|soort',
  String.raw`function|funktion|fonction|funcion|funzione|functie|signal\w*`,
);
const SENDS = any(...SENT, String.raw`enc\w*|codeur|geber`);
const HEARS = any(...RECEIVED, String.raw`dec\w*|auswerter`);
const TURN = any(
  'polarity|polaritat|polarite|polaridad|polarita|polariteit',
  String.raw`sense|invers\w*|invert\w*|reverse`,
);
const has = (...words: string[]) => words.map((word) => String.raw`(?=.*\b${word}\b)`).join('');
const lacks = (...words: string[]) => words.map((word) => String.raw`(?!.*\b${word}\b)`).join('');

const NO_TONE = new RegExp(
  String.raw`${NOTHING.source}|^(carrier( squelch)?|csq|noise|(no|kein|sans|sin|senza|geen) (tone?|tono|toon))$`,
);
const ENCODE = String.raw`(enc(ode[rd]?)?|tx|sent|send\w*|emission|envio|invio|zenden)`;
const DECODE = String.raw`(dec(ode[rd]?)?|rx|heard|receive|empfang\w*|reception|recepcion|ricezione|ontvangen)`;
const TONE_WORD = String.raw`(ctcss|tone?|tono|toon|tonalite|ct|t|subton\w*|pl)`;
const CODE_NAME = '(dcs|dtcs|dpl|cdcss)';
const CODE_WORD = any(CODE_NAME, 'd');
const SQUELCH = '(sql?|squelch)';
const AND = String.raw` ?(/|\+|&|-|and|und|et|y|e|en) ?`;

/** What one column says of both directions. */
export const TONE_MODE_WORDS = {
  none: NO_TONE,
  'tone sent': only(
    't|tone?|tono|toon|tonalite|enc(ode)?|tx only|nur senden|emission seule|alleen zenden',
    `solo (tx|emision|trasmissione)|${TONE_WORD}[ -]?${ENCODE}|${ENCODE} ?${TONE_WORD}`,
  ),
  'tone both ways': only(
    't-?sq(l)?|both|beide[sn]?|les deux|ambos|entrambi',
    `(${TONE_WORD} )?${ENCODE}${AND}${DECODE}|${TONE_WORD} ?-?${SQUELCH}|${TONE_WORD}[/>-]+${TONE_WORD}`,
  ),
  'tone heard': only(`dec(ode)?|rx only|${TONE_WORD}[ -]?${DECODE}|${DECODE} ?${TONE_WORD}`),
  /** Both columns of tones hold one; the heard one counts for both directions. No word says it: it is asked. */
  'heard tone both ways': /^\b$/,
  /** Each column of tones counts for its direction, also where it holds none. */
  'each its own': /^(ctcss ?\/ ?dcs|tone ?\/ ?code)$/,
  'code both ways': only(`${CODE_NAME}( ?-?${SQUELCH})?|code( squelch)?|${CODE_NAME} ${ENCODE}${AND}${DECODE}|d/d`),
  'code sent': only(`${CODE_NAME}[ -]?${ENCODE}|${ENCODE} ?${CODE_NAME}`),
  'code heard': only(`${CODE_NAME}[ -]?${DECODE}|${DECODE} ?${CODE_NAME}`),
  'tone sent, code heard': only(`${TONE_WORD} ?(-|/|>|->) ?${CODE_WORD}`),
  'code sent, tone heard': only(`${CODE_WORD} ?(-|/|>|->) ?(${TONE_WORD}|tsql)`),
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
  never: new RegExp(String.raw`\b${KIND}\b|\b${TURN}\b|\b${side === 'tx' ? HEARS : SENDS}\b`),
  telling: 0,
});

const kind = (side: 'tx' | 'rx', title: string): KitField => ({
  id: `tone-kind-${side}`,
  title,
  reads: { as: 'words', words: TONE_KIND_WORDS },
  heading: new RegExp(
    `^${has(EITHER, KIND, side === 'tx' ? SENDS : HEARS)}|^${side === 'tx' ? 'enc' : 'dec'}(ode[rd]?)? ?${KIND}$`,
  ),
  loose: new RegExp(`^${has(EITHER, side === 'tx' ? SENDS : HEARS)}`),
  never: new RegExp(String.raw`\b${side === 'tx' ? HEARS : SENDS}\b|\b${TURN}\b`),
  telling: TELLING,
  alone: (cells) => cells.some((cell) => /\p{L}/u.test(cell)),
});

/** Codes come before tones: where both fit, the title of a code says more. */
export const TONE_COLUMNS: readonly KitField[] = [
  // One column of codes alone is for both directions: it is known as the one that is sent.
  code('tx', 'Digital code sent', new RegExp(`^${has(CODE)}${lacks(TONE, HEARS)}`)),
  code('rx', 'Digital code heard', new RegExp(`^${has(CODE, HEARS)}${lacks(TONE)}`)),
  {
    id: 'tone-mode',
    title: 'Tone, code or none',
    reads: { as: 'words', words: TONE_MODE_WORDS, vague: ['tone'] },
    heading: new RegExp(
      String.raw`^${has(EITHER, KIND)}${lacks(SENDS, HEARS)}|^(tonart|tonmodus|tontyp|tonbetriebsart|tonfunktion)$`,
    ),
    loose: new RegExp(String.raw`^${EITHER}$|^(squelch|sql|rauschsperre) ?(${KIND})$|^squelchart$`),
    never: new RegExp(String.raw`\b${TURN}\b|\b${SENDS}\b|\b${HEARS}\b`),
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
  {
    id: 'tone-tx',
    title: 'Tone sent',
    reads: { as: 'tone' },
    heading: new RegExp(
      `${both(TRANSMIT, ANY_TONE)}|tone? ?tx|` + String.raw`\b(encoder?|enc|codeur|sende ?ton|ctcss geber)\b`,
    ),
    loose: new RegExp(`\\b${ANY_TONE}\\b`),
    never: new RegExp(`\\b${RECEIVE}\\b|decod|\\bdec\\b|\\b${KIND}\\b|squelch|auswert|1750|polari`),
    telling: 0.75,
  },
  {
    id: 'tone-rx',
    title: 'Tone heard',
    reads: { as: 'tone' },
    heading: new RegExp(
      `${both(RECEIVE, ANY_TONE)}|tone? ?rx|` +
        String.raw`\b(decoder?|dec|decodeur|tsql|tone sq\w*|ctcss auswerter|empfangston)\b`,
    ),
    loose: new RegExp(`squelch.*${ANY_TONE}|${ANY_TONE}.*squelch`),
    never: new RegExp(`\\b${TRANSMIT}\\b|encod|\\b${KIND}\\b|polari`),
    telling: 0.5,
  },
];
