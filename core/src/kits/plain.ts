/** Titles and words of other people's tables in one plain form, so that they can be compared. */

/** Small letters without accents, words apart: `RxFrequenz [MHz]` → `rx frequenz mhz`. */
export function plainTitle(text: string): string {
  return text
    .replace(/ß/g, 'ss')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/([A-Z]+)([A-Z][a-z])/g, '$1 $2')
    .replace(/(ctcss|dcs|tone?)(rx|tx)$/i, '$1 $2')
    .replace(/\b(rx|tx)(ctcss|dcs|dtcs|tone)\b/i, '$1 $2')
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9+#]+/g, ' ')
    .trim();
}

/** The same few words stand in thousands of cells. */
const knownWords = new Map<string, string>();
const MOST_KNOWN = 20_000;

/** A word of a closed set: like a title, but what stands within it stays together. */
export function plainWord(text: string): string {
  const known = knownWords.get(text);
  if (known !== undefined) return known;
  const plain = plainOf(text);
  if (knownWords.size >= MOST_KNOWN) knownWords.clear();
  knownWords.set(text, plain);
  return plain;
}

function plainOf(text: string): string {
  return text
    .trim()
    .replace(/ß/g, 'ss')
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/[\s_]+/g, ' ');
}

/** What stands for nothing in a closed set of words. English, German, French, Spanish, Italian, Dutch. */
export const NOTHING =
  /^(|-+|none|no|off|nothing|empty|n\/?a|not set|keine?r?|aus|ohne|nichts|aucune?|sans|rien|ninguno|ninguna|nada|sin|nessuno|nessuna|niente|senza|sem|geen|uit|ingen|nenhum)$/;

/** Says nothing of a row: a word for nothing, or zeros. */
export const isNothing = (text: string): boolean => /^0+$/.test(text.trim()) || NOTHING.test(plainWord(text));

export const YES =
  /^(1|y|yes|true|on|x|ja|an|ein|oui|si|sim|aan|wahr|vrai|allowed|enabled?|aktiv|actif|activo|activado)$/;
export const NO =
  /^(0|n|no|false|off|nein|aus|non|nao|nee|uit|falsch|faux|disabled?|inaktiv|inactif|inactivo|desactivado|-|)$/;
