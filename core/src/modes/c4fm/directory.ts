/** Lists of rooms and nodes, in whatever layout. */
import type { ModeDirectory } from '../../lists/mode-directory';
import type { Room } from '../../plan/modes/c4fm/types';
import { roomDigits } from './rooms';

export type ListedRoom = Pick<Room, 'number' | 'name' | 'place' | 'kind' | 'activity'>;

const NUMBER = /^\d{1,5}$/;
const KIND = /^(room|node)$/i;
const WORDS = /[A-Za-zÀ-ÿ]{3}/;
const NAME_MAX = 60;

export const directory: ModeDirectory<'c4fm', ListedRoom, Room> = {
  what: 'rooms',
  hint: 'In any layout: a column with five digits, others with name, place and how many are connected.',
  guesses: [
    [
      'number',
      {
        heading: /number|^no\.?$|^nr\.?$|^id$|group|dtmf/i,
        content: [
          { fits: (cell) => /^\d{5}$/.test(cell), share: 0.6 },
          { fits: (cell) => NUMBER.test(cell), share: 0.8 },
        ],
      },
    ],
    ['kind', { heading: /kind|type/i, content: [{ fits: (cell) => KIND.test(cell), share: 0.6 }] }],
    [
      'activity',
      {
        heading: /activ|connected|link|user|nodes|stations|count|heard/i,
        content: [{ fits: (cell) => /^\d+$/.test(cell), share: 0.8 }],
      },
    ],
    ['name', { heading: /name|title|room|node/i, content: [{ fits: (cell) => WORDS.test(cell), share: 0.5 }] }],
    [
      'place',
      {
        heading: /place|town|city|location|qth|country|descr|remark/i,
        content: [{ fits: (cell) => WORDS.test(cell), share: 0.5 }],
      },
    ],
  ],
  read(cell, refuse, { disconnect }) {
    const text = cell('number').replace(/\s/g, '');
    if (!NUMBER.test(text)) return refuse('number', cell('number'), 'a number of up to five digits, such as 41205');
    const number = Number(text);
    if (number === disconnect) return refuse('number', cell('number'), `a room: ${roomDigits(disconnect)} disconnects`);
    const name = cell('name').slice(0, NAME_MAX).trim();
    if (name === '') return refuse('name', '', 'a name');
    const activity = cell('activity');
    return {
      number,
      name,
      place: cell('place').slice(0, NAME_MAX).trim(),
      kind: /^node$/i.test(cell('kind')) ? 'node' : 'room',
      activity: /^\d{1,6}$/.test(activity) ? Number(activity) : null,
    };
  },
  table: ({ rooms }) => rooms,
  same: (entry, { name, place, kind, activity }) =>
    entry.name === name && entry.place === place && entry.kind === kind && entry.activity === activity,
  // Twins and bridges are what only the plan knows.
  make: (id, row) => ({ id, ...row, twin: null, bridgesTo: null }),
  change: (entry, row) => void Object.assign(entry, row),
  idOf: ({ number }) => `r${roomDigits(number)}`,
};
