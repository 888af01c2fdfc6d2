/**
 * Lists of reflectors, in whatever layout. One list may hold several families; each line says which, or belongs to the one
 * it is read into.
 */
import type { ModeDirectory } from '../../lists/mode-directory';
import type { ListedReflector } from '../../plan/modes/dstar/types';
import { families } from './links';

export type FoundReflector = Omit<ListedReflector, 'id'> & { letters: string };

/** `LNK001`, `LNK 1`, `lnk-01`, or the number alone. */
const REFLECTOR = /^(?:([A-Za-z]{3})\s*-?\s*)?(\d{1,3})$/;
const MODULES = /^[A-Za-z](?:[\s,;/]*[A-Za-z])*$|^([A-Za-z])\s*[-–]\s*([A-Za-z])$/;

/** `A-E`, `A B C`, `ABC` → `ABCDE`, in order, each once. `null` for a text that names none. */
export function readModules(text: string): string | null {
  const plain = text.trim().toUpperCase();
  if (plain === '') return '';
  const range = /^([A-Z])\s*[-–]\s*([A-Z])$/.exec(plain);
  if (range) {
    const [first, last] = [range[1]!.charCodeAt(0), range[2]!.charCodeAt(0)];
    return first > last
      ? null
      : Array.from({ length: last - first + 1 }, (_, at) => String.fromCharCode(first + at)).join('');
  }
  if (!MODULES.test(plain)) return null;
  return [...new Set(plain.replace(/[^A-Z]/g, ''))].sort().join('');
}

export const directory: ModeDirectory<'dstar', FoundReflector, ListedReflector> = {
  what: 'reflectors',
  hint: 'In any layout: a column with three letters and a number, or the number alone; others with title, modules and activity.',
  guesses: [
    [
      'reflector',
      {
        heading: /reflector|number|^no\.?$|^nr\.?$|call|id\b/i,
        content: [
          { fits: (cell) => /^[A-Za-z]{3}\s*-?\s*\d{1,3}$/.test(cell), share: 0.6 },
          { fits: (cell) => REFLECTOR.test(cell), share: 0.8 },
        ],
      },
    ],
    [
      'modules',
      {
        heading: /module|room|letter/i,
        content: [{ fits: (cell) => MODULES.test(cell) && cell.length <= 60 && !/[a-z]{3}/.test(cell), share: 0.8 }],
      },
    ],
    [
      'activity',
      {
        heading: /activ|link|user|node|station|count|heard/i,
        content: [{ fits: (cell) => /^\d+$/.test(cell), share: 0.8 }],
      },
    ],
    [
      'title',
      {
        heading: /title|name|descr|remark|place/i,
        content: [{ fits: (cell) => /[A-Za-z]{3}/.test(cell), share: 0.5 }],
      },
    ],
  ],
  read(cell, refuse, { letters }) {
    const found = REFLECTOR.exec(cell('reflector'));
    if (!found) return refuse('reflector', cell('reflector'), 'three letters and up to three digits, such as LNK001');
    const modules = readModules(cell('modules'));
    if (modules === null) return refuse('modules', cell('modules'), 'module letters such as ABC or A-E');
    const activity = cell('activity');
    return {
      letters: (found[1] ?? letters).toUpperCase(),
      number: Number(found[2]),
      title: cell('title').slice(0, 60).trim(),
      modules,
      activity: /^\d{1,6}$/.test(activity) ? Number(activity) : null,
    };
  },
  keyOf: ({ letters, number }) => `${letters}${number}`,
  homeOf: (plan, { letters }) => families(plan).find((family) => family.letters === letters)?.id ?? null,
  familyOf: ({ letters }) => letters,
  table: ({ reflectors }) => reflectors,
  same: (entry, { title, modules, activity }) =>
    entry.title === title && entry.modules === modules && entry.activity === activity,
  make: (id, { number, title, modules, activity }) => ({ id, number, title, modules, activity }),
  change: (entry, { title, modules, activity }) => void Object.assign(entry, { title, modules, activity }),
  idOf: ({ number }) => `r${number}`,
};
