/** Names as a radio takes them: its length, its letters; numbers and call signs stay whole. */
import { cutName, nameFitter, shortenName } from '../../codeplug/names';
import type { TableLayout } from '../../plan/kit';
import { canEncode, type Encoded } from '../../tables/encoding';

const MOST = 60;

/** Letters that the radio, or the encoding of its file, does not have become the nearest that it has. */
export function inLetters(name: string, letters: TableLayout['letters'], encoded: Encoded | null): string {
  const plain = () =>
    name
      .replace(/ß/g, 'ss')
      .replace(/ø/g, 'o')
      .replace(/Ø/g, 'O')
      .replace(/æ/g, 'ae')
      .replace(/Æ/g, 'Ae')
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .replace(/[^\x20-\x7e]/g, '-');
  const shown = letters !== 'any' || (encoded && !canEncode(name, encoded)) ? plain() : name;
  return letters === 'capitals' ? shown.toUpperCase() : shown;
}

/** What a name becomes by itself, whatever other names there are. */
export function fittedName(
  layout: Pick<TableLayout, 'nameLength' | 'letters'>,
  encoded: Encoded | null,
  name: string,
): string {
  return shortenName(inLetters(name, layout.letters, encoded), layout.nameLength ?? MOST);
}

/** Gives a fitting name after the other, each once. */
export function kitNames(
  layout: Pick<TableLayout, 'nameLength' | 'letters'>,
  encoded: Encoded | null,
  taken: Iterable<string> = [],
): (name: string, before?: string) => string {
  const length = layout.nameLength ?? MOST;
  const used = new Set(taken);
  const fit = nameFitter(length, used);
  return (name, before) => {
    const wish = inLetters(name, layout.letters, encoded);
    // A name that stands there already stays, also where the radio's own program has cut it.
    if (before !== undefined && !used.has(before) && (before === wish || before === cutName(wish, length).trim())) {
      used.add(before);
      return before;
    }
    let fitted = fit({ name: wish, qualifier: '' });
    // One that stayed as it was is not known to the fitter.
    while (used.has(fitted)) fitted = fit({ name: wish, qualifier: '' });
    used.add(fitted);
    return fitted;
  };
}
