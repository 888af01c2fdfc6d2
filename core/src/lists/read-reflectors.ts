/**
 * A list of reflectors in whatever layout: delimiter and encoding as for sites, columns by their headings, else by what is
 * in them. One list may hold several families; each line says which, or belongs to the one it is read into.
 */
import type { ListedReflector } from '../modes/dstar/types';
import type { ReadFinding } from '../formats/format';
import { columnsBy, type Guesses, headed } from './row-columns';
import type { RawList } from './types';

export type ReadReflector = Omit<ListedReflector, 'id'> & { letters: string };

export interface ReadReflectors {
  reflectors: ReadReflector[];
  /** Lines that say nothing usable, and why. */
  rejected: ReadFinding[];
}

type Field = 'reflector' | 'title' | 'modules' | 'activity';

/** `LNK001`, `LNK 1`, `lnk-01`, or the number alone. */
const REFLECTOR = /^(?:([A-Za-z]{3})\s*-?\s*)?(\d{1,3})$/;
const MODULES = /^[A-Za-z](?:[\s,;/]*[A-Za-z])*$|^([A-Za-z])\s*[-–]\s*([A-Za-z])$/;

const GUESSES: Guesses<Field> = [
  ['reflector', { heading: /reflector|number|^no\.?$|^nr\.?$|call|id\b/i, content: [{ fits: (cell) => /^[A-Za-z]{3}\s*-?\s*\d{1,3}$/.test(cell), share: 0.6 }, { fits: (cell) => REFLECTOR.test(cell), share: 0.8 }] }],
  ['modules', { heading: /module|room|letter/i, content: [{ fits: (cell) => MODULES.test(cell) && cell.length <= 60 && !/[a-z]{3}/.test(cell), share: 0.8 }] }],
  ['activity', { heading: /activ|link|user|node|station|count|heard/i, content: [{ fits: (cell) => /^\d+$/.test(cell), share: 0.8 }] }],
  ['title', { heading: /title|name|descr|remark|place/i, content: [{ fits: (cell) => /[A-Za-z]{3}/.test(cell), share: 0.5 }] }],
];

/** `A-E`, `A B C`, `ABC` → `ABCDE`, in order, each once. `null` for a text that names none. */
export function readModules(text: string): string | null {
  const plain = text.trim().toUpperCase();
  if (plain === '') return '';
  const range = /^([A-Z])\s*[-–]\s*([A-Z])$/.exec(plain);
  if (range && range[1]! > range[2]!) return null;
  if (range) return Array.from({ length: range[2]!.charCodeAt(0) - range[1]!.charCodeAt(0) + 1 }, (_, at) => String.fromCharCode(range[1]!.charCodeAt(0) + at)).join('');
  if (!MODULES.test(plain)) return null;
  return [...new Set(plain.replace(/[^A-Z]/g, ''))].sort().join('');
}

/** `letters`: the family that lines without letters belong to. */
export function readReflectors(list: RawList, letters: string): ReadReflectors {
  const raw = headed(list, GUESSES);
  const at = columnsBy(raw, GUESSES);
  const read: ReadReflectors = { reflectors: [], rejected: [] };
  const seen = new Set<string>();
  for (const { line, cells } of raw.rows) {
    const cell = (field: Field) => (at[field] === undefined ? '' : (cells[at[field]] ?? '').trim());
    const wrong = (place: string, found: string, expected: string) => void read.rejected.push({ line, place, found: found === '' ? 'nothing' : `“${found}”`, expected });
    const found = REFLECTOR.exec(cell('reflector'));
    const modules = readModules(cell('modules'));
    const activity = cell('activity');
    if (!found) {
      wrong('reflector', cell('reflector') || cells.join(' '), 'three letters and up to three digits, such as LNK001');
      continue;
    }
    if (modules === null) {
      wrong('modules', cell('modules'), 'module letters such as ABC or A-E');
      continue;
    }
    const one: ReadReflector = { letters: (found[1] ?? letters).toUpperCase(), number: Number(found[2]), title: cell('title').slice(0, 60).trim(), modules, activity: /^\d{1,6}$/.test(activity) ? Number(activity) : null };
    const key = `${one.letters}${one.number}`;
    if (seen.has(key)) wrong('reflector', cell('reflector'), 'each reflector once');
    else {
      seen.add(key);
      read.reflectors.push(one);
    }
  }
  return read;
}
