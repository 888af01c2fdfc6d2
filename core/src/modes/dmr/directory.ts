/** Lists of talk groups: number, name and category, in whatever layout. */
import type { ModeDirectory } from '../../lists/mode-directory';
import { ADDRESS_MAX, ADDRESS_MIN } from '../../plan/modes/dmr/limits';
import { GROUP_CATEGORIES } from '../../plan/modes/dmr/limits';
import type { GroupCategory, TalkGroup } from '../../plan/modes/dmr/types';

export interface ListedGroup {
  number: number;
  name: string;
  /** `null` where the list does not say. */
  category: GroupCategory | null;
}

const NAME_MAX = 60;

export const directory: ModeDirectory<'dmr', ListedGroup, TalkGroup> = {
  what: 'groups',
  hint: 'In any layout: a column with the number, another with the name, and one with the category where there is one.',
  guesses: [
    [
      'number',
      {
        heading: /number|^no\.?$|^nr\.?$|^id$|group|^tg$/i,
        content: [{ fits: (cell) => /^\d{1,8}$/.test(cell), share: 0.8 }],
      },
    ],
    [
      'category',
      {
        heading: /categ|area|scope|class|kind|type/i,
        content: [{ fits: (cell) => GROUP_CATEGORIES.includes(cell.toLowerCase() as GroupCategory), share: 0.6 }],
      },
    ],
    ['name', { heading: /name|title|descr/i, content: [{ fits: (cell) => /[A-Za-zÀ-ÿ]{3}/.test(cell), share: 0.5 }] }],
  ],
  read(cell, refuse) {
    const text = cell('number').replace(/\s/g, '');
    const number = Number(text);
    if (!/^\d+$/.test(text) || number < ADDRESS_MIN || number > ADDRESS_MAX) {
      return refuse(
        'number',
        cell('number'),
        `a whole number from ${ADDRESS_MIN} to ${ADDRESS_MAX.toLocaleString('en')}`,
      );
    }
    const name = cell('name');
    if (name === '' || name.length > NAME_MAX) return refuse('name', name, `a name of 1 to ${NAME_MAX} characters`);
    const said = cell('category').toLowerCase();
    const category = GROUP_CATEGORIES.find((one) => one === said);
    if (!category && said !== '') return refuse('category', cell('category'), GROUP_CATEGORIES.join(', '));
    return { number, name, category: category ?? null };
  },
  table: ({ groups }) => groups,
  same: (entry, { name, category }) => entry.name === name && (category === null || entry.category === category),
  // The narrowest, while nobody has said: a wider one is a reason for a warning.
  make: (id, { number, name, category }) => ({ id, number, name, category: category ?? 'local' }),
  change: (entry, { name, category }) => void Object.assign(entry, { name }, category === null ? {} : { category }),
  idOf: ({ number }) => `g${number}`,
};
