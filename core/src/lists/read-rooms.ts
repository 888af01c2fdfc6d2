/** A list of rooms and nodes, or of P25 groups, in whatever layout: delimiter and encoding as for sites, columns by their headings, else by content. */
import type { ReadFinding } from '../formats/format';
import type { FreshRoom } from '../modes/c4fm/rooms';
import { columnsBy, type Guesses, headed } from './row-columns';
import type { RawList } from './types';

export interface ReadRooms {
  rooms: FreshRoom[];
  /** Lines that say nothing usable, and why. */
  rejected: ReadFinding[];
}

type Field = 'number' | 'name' | 'place' | 'kind' | 'activity';

const NUMBER = /^\d{1,5}$/;
const KIND = /^(room|node)$/i;

const GUESSES: Guesses<Field> = [
  ['number', { heading: /number|^no\.?$|^nr\.?$|^id$|group|dtmf/i, content: [{ fits: (cell) => /^\d{5}$/.test(cell), share: 0.6 }, { fits: (cell) => NUMBER.test(cell), share: 0.8 }] }],
  ['kind', { heading: /kind|type/i, content: [{ fits: (cell) => KIND.test(cell), share: 0.6 }] }],
  ['activity', { heading: /activ|connected|link|user|nodes|stations|count|heard/i, content: [{ fits: (cell) => /^\d+$/.test(cell), share: 0.8 }] }],
  ['name', { heading: /name|title|room|node/i, content: [{ fits: (cell) => /[A-Za-zÀ-ÿ]{3}/.test(cell), share: 0.5 }] }],
  ['place', { heading: /place|town|city|location|qth|country|descr|remark/i, content: [{ fits: (cell) => /[A-Za-zÀ-ÿ]{3}/.test(cell), share: 0.5 }] }],
];

const NAME_MAX = 60;

/** `refuse`: why a number is none of these, such as the one that disconnects; `null` where it is. */
export function readRooms(list: RawList, refuse: (number: number) => string | null): ReadRooms {
  const raw = headed(list, GUESSES);
  const at = columnsBy(raw, GUESSES);
  const read: ReadRooms = { rooms: [], rejected: [] };
  const seen = new Set<number>();
  for (const { line, cells } of raw.rows) {
    const cell = (field: Field) => (at[field] === undefined ? '' : (cells[at[field]] ?? '').trim());
    const wrong = (place: string, found: string, expected: string) => void read.rejected.push({ line, place, found: found === '' ? 'nothing' : `“${found}”`, expected });
    const text = cell('number').replace(/\s/g, '');
    const number = Number(text);
    const refused = NUMBER.test(text) ? refuse(number) : 'a number of up to five digits, such as 41205';
    const name = cell('name').slice(0, NAME_MAX).trim();
    if (refused !== null) wrong('number', cell('number') || cells.join(' '), refused);
    else if (seen.has(number)) wrong('number', cell('number'), 'each number once');
    else if (name === '') wrong('name', '', 'a name');
    else {
      seen.add(number);
      const activity = cell('activity');
      read.rooms.push({ number, name, place: cell('place').slice(0, NAME_MAX).trim(), kind: /^node$/i.test(cell('kind')) ? 'node' : 'room', activity: /^\d{1,6}$/.test(activity) ? Number(activity) : null });
    }
  }
  return read;
}
