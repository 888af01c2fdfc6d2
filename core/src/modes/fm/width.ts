/** The spacing of FM channels as people write it. */
import type { FmWidthHz } from '../../plan/modes/fm/types';

const WORDS: Readonly<Record<string, FmWidthHz>> = {
  '12.5': 12_500,
  '12500': 12_500,
  narrow: 12_500,
  n: 12_500,
  nfm: 12_500,
  '25': 25_000,
  '25000': 25_000,
  wide: 25_000,
  w: 25_000,
  fm: 25_000,
};

/** `12.5`, `12,5 kHz`, `12K5`, `11K0F3E`, `25 kHz`, `narrow`, `wide`; `null` for what is none of them. */
export function readWidth(text: string): FmWidthHz | null {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(',', '.')
    .replace(/\s*k?hz$/, '')
    .replace(/\.0+$/, '');
  const designator = /^(\d{1,2})k(\d?)(f3e)?$/.exec(plain);
  if (designator) {
    const khz = Number(`${designator[1]}.${designator[2] || 0}`);
    // An emission of about 11 kHz fits a channel of 12.5, one of 16 a channel of 25 (Carson’s rule).
    if (designator[3]) return khz <= 12.5 ? 12_500 : khz <= 20 ? 25_000 : null;
    return WORDS[String(khz)] ?? null;
  }
  return WORDS[plain] ?? null;
}
