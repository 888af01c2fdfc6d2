/** How C4FM operators read a gateway, a room and a group ID. */
import { networkNames, text } from '../../path/fact-words';
import type { FactWords, ModeWords } from '../../path/mode-path';
import { ROOM_DIGITS } from '../../plan/modes/c4fm/limits';
import type { C4fmFacts, ConnectionFound } from '../../plan/modes/c4fm/types';
import type { Radio } from '../../plan/types';
import { toneWords } from '../../units/tones';
import { groupIdText, roomNetwork, roomOfNumber } from './rooms';

function connectionWords(found: ConnectionFound): string {
  switch (found.is) {
    case 'not said':
      return 'not said';
    case 'by call':
      return `${found.to}, once it is called`;
    case 'connected':
      return found.to ?? 'nothing';
  }
}

const facts: { readonly [K in keyof C4fmFacts]: FactWords<K> } = {
  'c4fm-call-sign': { name: 'sends', read: text },
  voice: { name: 'voice', read: text },
  'group-id': { name: 'group ID', read: groupIdText },
  'group-id-heard': { name: 'opens for', read: groupIdText },
  receive: { name: 'opens for', read: text },
  'fm-tone': { name: 'FM tone', read: toneWords },
  'fm-tone-heard': { name: 'in FM opens on', read: toneWords },
  'room-network': { name: 'reaches', read: (ids, { index }) => networkNames(index.plan, ids) },
  connect: { name: 'connected to', read: connectionWords },
  'room-number': { name: 'number', read: text, rule: () => `${ROOM_DIGITS} digits` },
  room: { name: 'room', read: text },
};

export const words: ModeWords<'c4fm'> = {
  facts,
  shown: {
    radio: ['c4fm-call-sign'],
    air: ['voice', 'receive'],
    site: ['group-id', 'group-id-heard'],
    gateway: ['room-network', 'connect', 'room-number'],
    network: ['room-number'],
  },
  gateway: ({ site }) => (site?.c4fm ? `${site.name} gateway` : 'no gateway'),
  network: () => 'no room',
  arrival({ plan }, site, arrival) {
    if (arrival.kind === 'local') return { address: 'local', short: 'local', name: `who hears ${site.name}` };
    if (arrival.kind === 'disconnect')
      return { address: 'disconnect', short: 'disconnect', name: `leaves the room at ${site.name}` };
    const network = roomNetwork(plan, arrival.networkId);
    const room = network && roomOfNumber(network, Number(arrival.number));
    return { address: `room ${arrival.number}`, short: arrival.number, name: room?.name ?? null };
  },
};

/** The call sign that a radio sends, or that it sends none; empty without C4FM. */
export function knownAs({ c4fm }: Radio): string {
  if (!c4fm) return '';
  return c4fm.callSign.trim() || 'sends no call sign';
}
