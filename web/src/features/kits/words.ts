/** What screens say about kits. */
import { SURE } from '@relay/core/kits/learn/candidates';
import type { Because } from '@relay/core/kits/learn/candidates';
import type { CellCodec, KitRole } from '@relay/core/plan/kit';
import { MODES } from '@relay/core/registries/modes';

export const ROLE_WORDS: Readonly<Record<KitRole, string>> = {
  channels: 'channels',
  zones: 'zones',
  'scan lists': 'scan lists, which follow their channels',
  contacts: 'contacts',
  'receive lists': 'receive lists',
  rooms: 'room memories',
  codes: 'tone codes',
  'site list': 'a list of sites, for a card',
  other: 'not understood, carried along',
};

const UNITS: readonly (readonly [number, string])[] = [
  [1e9, 'GHz'],
  [1e6, 'MHz'],
  [1e3, 'kHz'],
  [1, 'Hz'],
];

/** A meaning as people say it: modes by their names. */
function meaningWords(meaning: string): string {
  return Object.values(MODES).find(({ id }) => id === meaning)?.name ?? meaning;
}

/** How values stand in a column: `MHz, comma`, `“Hoch” is high`. */
export function codecWords(codec: CellCodec | null): string {
  if (codec === null) return '';
  switch (codec.as) {
    case 'frequency': {
      const unit = UNITS.find(([hz]) => hz === codec.unitHz)?.[1] ?? `steps of ${codec.unitHz} Hz`;
      return `${unit}${codec.comma ? ', decimal comma' : ''}`;
    }
    case 'words':
      return codec.words
        .slice(0, 4)
        .map(([word, meaning]) => `“${word}” is ${meaningWords(meaning)}`)
        .join(', ');
    case 'tone':
      return `${codec.hertz.tenths ? 'tenths of a hertz' : 'hertz'}${codec.none === '' ? '' : `, “${codec.none}” is none`}`;
    case 'code':
      return codec.none === '' ? 'digital codes' : `digital codes, “${codec.none}” is none`;
    case 'named':
      return `by ${codec.by === 'key' ? 'number of the row' : codec.by}`;
    case 'members':
      return codec.separator === 'list' ? 'a list' : `several, “${codec.separator}” between them`;
    case 'degrees':
      return `degrees${codec.comma ? ', decimal comma' : ''}`;
    case 'hex':
      return 'hex';
    case 'whole':
      return codec.prefix === '' ? '' : `behind “${codec.prefix}”`;
    case 'text':
      return '';
  }
}

export type Sureness = 'sure' | 'doubtful' | 'carried';

export function sureness(field: string | null, confidence: number): Sureness {
  return field === null ? 'carried' : confidence >= SURE ? 'sure' : 'doubtful';
}

export const BECAUSE_WORDS: Readonly<Record<Because, string>> = {
  'title and cells': 'by title and content',
  title: 'by its title',
  cells: 'by its content',
  relation: 'by how it fits other columns',
  'you said so': 'you said so',
};

export const many = (count: number, one: string, several = `${one}s`) => `${count} ${count === 1 ? one : several}`;
