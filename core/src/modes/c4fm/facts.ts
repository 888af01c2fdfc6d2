/** How people read the pairs that only C4FM has. */
import type { FactValue } from '../../path/types';
import { toneWords } from '../../radio-math/tones';
import { groupIdText } from './rooms';
import type { C4fmFactKey } from './types';

const text = (value: FactValue): string => (value === null ? 'none' : String(value));
const group = (value: FactValue): string => (typeof value === 'number' ? groupIdText(value) : text(value));
const tone = (value: FactValue): string => toneWords(value === null ? null : String(value));

export const C4FM_FACTS: Readonly<Record<C4fmFactKey, { name: string; read: (value: FactValue) => string }>> = {
  'c4fm-call-sign': { name: 'sends', read: text },
  voice: { name: 'voice', read: text },
  'group-id': { name: 'group ID', read: group },
  'group-id-heard': { name: 'opens for', read: group },
  receive: { name: 'opens for', read: text },
  'fm-tone': { name: 'FM tone', read: tone },
  'room-network': { name: 'reaches', read: text },
  connect: { name: 'connected to', read: text },
  'room-number': { name: 'number', read: (value) => (value === '' ? 'none' : text(value)) },
  room: { name: 'room', read: text },
};
