/** Lists of P25 groups: number and name, in whatever layout. */
import type { ModeDirectory } from '../../lists/mode-directory';
import type { P25Group } from '../../plan/modes/p25/types';
import { groupProblem } from './addresses';

export type ListedP25Group = Pick<P25Group, 'number' | 'name'>;

const NAME_MAX = 60;

export const directory: ModeDirectory<'p25', ListedP25Group, P25Group> = {
  what: 'groups',
  hint: 'In any layout: a column with the number, another with the name.',
  guesses: [
    [
      'number',
      {
        heading: /number|^no\.?$|^nr\.?$|^id$|group/i,
        content: [{ fits: (cell) => /^\d{1,5}$/.test(cell), share: 0.8 }],
      },
    ],
    ['name', { heading: /name|title|descr/i, content: [{ fits: (cell) => /[A-Za-zÀ-ÿ]{3}/.test(cell), share: 0.5 }] }],
  ],
  read(cell, refuse) {
    const text = cell('number').replace(/\s/g, '');
    if (!/^\d{1,5}$/.test(text) || groupProblem(Number(text)) !== null)
      return refuse('number', cell('number'), 'a talk group from 1 to 65534');
    const name = cell('name').slice(0, NAME_MAX).trim();
    return name === '' ? refuse('name', '', 'a name') : { number: Number(text), name };
  },
  table: ({ groups }) => groups,
  same: (entry, { name }) => entry.name === name,
  make: (id, { number, name }) => ({ id, number, name }),
  change: (entry, { name }) => void (entry.name = name),
  idOf: ({ number }) => `g${number}`,
};
