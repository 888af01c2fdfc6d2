/** How the rooms that a radio keeps stand in the table of a codeplug. */
import type { RecordFile } from '../../codeplug/mode-codeplug';
import type { RoomMemory } from '../../plan/modes/c4fm/types';

const rooms: RecordFile<RoomMemory> = {
  show: ({ number, category }) => `${number}, category ${category}`,
  cells: ({ number, category }) => ({ Room: number, Members: String(category) }),
  read({ Room: number = '', Members: category = '' }, wrong) {
    if (!/^\d{1,10}$/.test(number)) wrong('Room', number, 'the digits of a room');
    if (!/^[1-9]\d?$|^100$/.test(category.trim()))
      wrong('Members', category, 'its category, a whole number from 1 to 100');
    return { number, category: Number(category) };
  },
};

export const files: Readonly<Record<string, RecordFile>> = { rooms: rooms as RecordFile };
