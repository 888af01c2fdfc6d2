/** How the rooms that a radio keeps stand in the table of a codeplug. */
import type { RecordFile } from '../../codeplug/mode-codeplug';
import { CODE_PATTERN } from '../../plan/modes/c4fm/limits';
import type { RoomMemory, StoredCode } from '../../plan/modes/c4fm/types';

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

const codes: RecordFile<StoredCode> = {
  show: ({ code }) => code,
  cells: ({ code, recalls }) => ({ Room: code, Members: recalls ? `${recalls.siteId} ${recalls.slotId}` : '' }),
  read({ Room: code = '', Members: recalls = '' }, wrong) {
    if (!new RegExp(CODE_PATTERN).test(code)) wrong('Room', code, 'a tone code of digits, A to D, * and #');
    const [siteId, slotId, ...more] = recalls.trim().split(' ');
    if (recalls.trim() !== '' && (!slotId || more.length > 0))
      wrong('Members', recalls, 'the keys of a hotspot and of its slot, or nothing');
    return { code, recalls: siteId && slotId ? { siteId, slotId } : null };
  },
};

export const files: Readonly<Record<string, RecordFile>> = {
  rooms: rooms as RecordFile,
  codes: codes as RecordFile,
};
