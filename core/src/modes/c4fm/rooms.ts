/** Rooms and nodes: how their numbers are written, and the three ways in which they are found. */
import type { Refusal } from '../../codeplug/channel-field';
import { refused } from '../../codeplug/reading';
import { networkOf, networksOf } from '../../plan/networks';
import { rows } from '../../plan/table';
import type { NetworkOf, Plan } from '../../plan/types';
import { GROUP_ID_MAX, PAGE_ROOMS, ROOM_DIGITS } from '../../plan/modes/c4fm/limits';
import type { Room } from '../../plan/modes/c4fm/types';

export type RoomNetwork = NetworkOf<'c4fm'>;

/** The networks of rooms of a plan, in its order. */
export function roomNetworks(plan: Plan): RoomNetwork[] {
  return networksOf(plan, 'c4fm');
}

/** `undefined` when the plan has none of that id, or it is of another mode. */
export function roomNetwork(plan: Plan, id: string | null): RoomNetwork | undefined {
  return networkOf(plan, 'c4fm', id);
}

/** `417` → `00417`. */
export function roomDigits(number: number): string {
  return String(number).padStart(ROOM_DIGITS, '0');
}

/** A site's group ID, or that nobody has said it. */
export function groupIdWords(id: number | null): string {
  return id === null ? 'not said' : groupIdText(id);
}

/** Group IDs are said and shown with two digits: `05`. */
export function groupIdText(id: number): string {
  return String(id).padStart(2, '0');
}

/** `5`, `05` → 5. `null` for what is no group ID. */
export function readGroupId(text: string): number | null {
  const plain = text.trim();
  return /^\d{1,2}$/.test(plain) && Number(plain) <= GROUP_ID_MAX ? Number(plain) : null;
}

/** What is wrong with a room number as it was typed, and the one that was probably meant. `null`: nothing. */
export function roomNumberProblem(text: string, disconnect: number): Refusal | null {
  const digits = text.replace(/\s/g, '');
  if (!/^\d+$/.test(digits) || digits.length !== ROOM_DIGITS) {
    return refused(
      `“${text}”`,
      `${ROOM_DIGITS} digits, such as 41205`,
      /^\d{1,4}$/.test(digits) ? digits.padStart(ROOM_DIGITS, '0') : undefined,
    );
  }
  return Number(digits) === disconnect
    ? refused(`“${digits}”, which disconnects and is no room`, 'the number of a room')
    : null;
}

export interface FoundRoom {
  network: RoomNetwork;
  room: Room;
}

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

function every(networks: readonly RoomNetwork[]): FoundRoom[] {
  return networks.flatMap((network) => rows(network.rooms).map((room) => ({ network, room })));
}

/** By a part of the name or the place, accents and case aside; names that begin with it come first. Nothing typed: all, by name. */
export function searchByName(networks: readonly RoomNetwork[], text: string): FoundRoom[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  if (words.length === 0)
    return every(networks).sort((a, b) => a.room.name.localeCompare(b.room.name) || a.room.number - b.room.number);
  const rank = ({ room }: FoundRoom) =>
    plain(room.name).startsWith(words[0]!) ? 0 : plain(room.name).includes(words[0]!) ? 1 : 2;
  return every(networks)
    .filter(({ room }) => words.every((word) => plain(`${room.name} ${room.place}`).includes(word)))
    .sort((a, b) => rank(a) - rank(b) || a.room.number - b.room.number);
}

/** By the first digits of the number; all five find one. */
export function searchByNumber(networks: readonly RoomNetwork[], text: string): FoundRoom[] {
  const digits = text.replace(/\s/g, '');
  if (!/^\d{1,5}$/.test(digits)) return [];
  return every(networks)
    .filter(({ room }) => roomDigits(room.number).startsWith(digits))
    .sort((a, b) => a.room.number - b.room.number);
}

/** The busiest first, a page at a time, counted from 0; rooms of which nobody says how busy they are come last. */
export function byActivity(
  networks: readonly RoomNetwork[],
  page: number,
  perPage = PAGE_ROOMS,
): { rooms: FoundRoom[]; pages: number } {
  const all = every(networks).sort(
    (a, b) => (b.room.activity ?? -1) - (a.room.activity ?? -1) || a.room.number - b.room.number,
  );
  return { rooms: all.slice(page * perPage, (page + 1) * perPage), pages: Math.ceil(all.length / perPage) };
}

/** The room that a network lists under a number. */
export function roomOfNumber(network: RoomNetwork, number: number): Room | undefined {
  return rows(network.rooms).find((room) => room.number === number);
}
