/** Pieces of patterns for titles and words of other people's tables; in eight languages, from memory. */

/** One of these. */
export const any = (...words: readonly string[]): string => `(${words.join('|')})`;

/** A title, or a word, that is one of these and nothing else. */
export const only = (...words: readonly string[]): RegExp => new RegExp(`^${any(...words)}$`);

/** Both words in either order, or run together. */
export const both = (side: string, what: string): string =>
  `((\\b${side}\\b.*\\b${what}\\b)|(\\b${what}\\b.*\\b${side}\\b)|(\\b${side}${what}\\b))`;

const raw = String.raw;

/** What is received. */
export const RECEIVED: readonly string[] = [
  raw`rx|receiv\w*|recept\w*|empfang\w*`,
  raw`recep\w*|ricez\w*|ontvang\w*|mottag\w*`,
];

/** What is sent. */
export const SENT: readonly string[] = [
  raw`tx|transmi\w*|send\w*|sent|d?emiss?\w*`,
  raw`emett\w*|emis\w*|trasmis\w*|zend\w*`,
];

/** What is received, seen from the radio: a site's output too. */
export const RECEIVE = any(
  ...RECEIVED,
  'downlink|output|out',
  raw`ausgabe\w*|ausgang\w*|sortie|salida|uscita|saida|uitgang|uit`,
);

/** What is sent, seen from the radio: a site's input too. */
export const TRANSMIT = any(...SENT, 'uplink|input|in', raw`eingabe\w*|eingang\w*|entree|entrada|ingresso|ingang`);

/** Tones that open a receiver. */
export const TONES: readonly string[] = [
  raw`ctcss\w*|tones?|ton|tonos?|toni|toon`,
  raw`subton\w*|subaudio|pl|tonruf|subtoon|ctdcs`,
];
