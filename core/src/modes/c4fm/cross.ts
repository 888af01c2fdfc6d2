/** C4FM where a hotspot carries its calls to another mode's network, or another's to a network of rooms. */
import type { ModeCross } from '../../path/mode-path';
import { targetOf } from './links';
import { roomDigits } from './rooms';

/** Only narrow voice is carried; the number of a group is entered like that of a room. */
export const cross: ModeCross<'c4fm'> = {
  // Five digits are entered, so that a group comes with zeros before it.
  asked: ({ c4fm }) => (c4fm.room === '' ? '' : String(Number(c4fm.room))),
  ask: ({ c4fm }, digits) => void Object.assign(c4fm, { room: roomDigits(Number(digits)), voice: 'narrow' }),
  most: 99_999,
  entry(plan, destination) {
    const target = targetOf(plan, destination);
    return target && { digits: String(target.room.number), name: target.room.name };
  },
  arrival: (networkId, digits) => ({ mode: 'c4fm', kind: 'room', networkId, number: roomDigits(Number(digits)) }),
  gaps: (_index, site, networkId) => (site.c4fm?.networkIds.includes(networkId) ? [] : ['reach']),
};
