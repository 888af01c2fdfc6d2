/** The room book: favourite rooms in categories, and how they are dealt into the memories of a radio. */
import { LEAVE } from './links';
import { fitNames } from '../../codeplug/names';
import { nameRoom } from '../../codeplug/room';
import { freeId, putRow, rows, tableOf } from '../../plan/table';
import type { Id, Plan, Radio } from '../../plan/types';
import { type FoundRoom, roomDigits, roomNetwork } from './rooms';
import type { RoomBookEntry, RoomCategory, RoomMemory, RoomMemoryLimits } from '../../plan/modes/c4fm/types';

/** What a radio keeps of rooms: memories in categories, else stored DTMF codes as one category; `null` for neither. */
export function capacityOf({ c4fm, limits }: Radio): RoomMemoryLimits | null {
  if (!c4fm) return null;
  if (c4fm.rooms) return c4fm.rooms;
  return c4fm.dtmfMemories > 0
    ? { categories: 1, perCategory: c4fm.dtmfMemories, nameLength: nameRoom({ limits }) }
    : null;
}

export interface BookedRoom extends FoundRoom {
  entry: RoomBookEntry;
}

/** The entries of a category, what is used most first; what is used alike by number. */
export function entriesOf(plan: Plan, categoryId: Id): BookedRoom[] {
  return rows(plan.shared.c4fm.entries)
    .filter((entry) => entry.categoryId === categoryId)
    .flatMap((entry): BookedRoom[] => {
      const network = roomNetwork(plan, entry.networkId);
      const room = network?.rooms.byId[entry.roomId];
      return network && room ? [{ entry, network, room }] : [];
    })
    .sort((a, b) => b.entry.uses - a.entry.uses || a.room.number - b.room.number);
}

export interface Dealt {
  memories: RoomMemory[];
  /** What the radio has no place for, and why. */
  left: { name: string; why: string }[];
}

/**
 * The memories of one radio: categories in their order, in each the rooms that are used most, then the number that
 * disconnects, once, where a place is free. Names fit the radio and differ from each other.
 */
export function dealRooms(plan: Plan, radio: Radio): Dealt {
  const capacity = capacityOf(radio);
  const dealt: Dealt = { memories: [], left: [] };
  const categories = rows(plan.shared.c4fm.categories);
  if (!capacity)
    return {
      memories: [],
      left: categories.flatMap((one) =>
        entriesOf(plan, one.id).map(({ room }) => ({ name: room.name, why: `${radio.name} keeps no rooms` })),
      ),
    };
  const kept: { room: BookedRoom; category: number }[] = [];
  categories.forEach((category, at) => {
    const all = entriesOf(plan, category.id);
    const fits = at < capacity.categories ? all.slice(0, capacity.perCategory) : [];
    kept.push(...fits.map((room) => ({ room, category: at + 1 })));
    const why =
      at < capacity.categories
        ? `${category.name} holds ${capacity.perCategory} in ${radio.name}`
        : `${radio.name} has ${capacity.categories} ${capacity.categories === 1 ? 'category' : 'categories'}`;
    dealt.left.push(...all.slice(fits.length).map(({ room }) => ({ name: room.name, why })));
  });
  const names = fitNames(
    kept.map(({ room }) => ({ name: room.room.name, qualifier: room.network.name })),
    capacity.nameLength,
    [],
  );
  dealt.memories = kept.map(({ room, category }, at) => ({
    id: room.entry.id,
    name: names[at]!,
    number: roomDigits(room.room.number),
    category,
  }));
  const free = Array.from(
    { length: Math.min(capacity.categories, Math.max(1, categories.length)) },
    (_, at) => at + 1,
  ).find((category) => dealt.memories.filter((one) => one.category === category).length < capacity.perCategory);
  const out = kept[0]?.room.network.disconnect;
  if (out !== undefined && free !== undefined)
    dealt.memories.push({
      id: 'disconnect',
      name: fitNames([{ name: LEAVE, qualifier: '' }], capacity.nameLength, names)[0]!,
      number: roomDigits(out),
      category: free,
    });
  return dealt;
}

/** Puts what is dealt into the radio’s codeplug in a draft. */
export function putDealt(plan: Plan, radioId: Id): Dealt {
  const dealt = dealRooms(plan, plan.radios.byId[radioId]!);
  plan.codeplugs[radioId]!.c4fm.rooms = tableOf(dealt.memories);
  return dealt;
}

/**
 * Saves a room into a category of a draft: one that is there, or a new one of this name. The same room is kept once.
 * @returns whether it is new in the book
 */
export function saveRoom(plan: Plan, { network, room }: FoundRoom, category: RoomCategory): boolean {
  const { categories, entries } = plan.shared.c4fm;
  if (!(category.id in categories.byId)) putRow(categories, category);
  const there = rows(entries).find((one) => one.networkId === network.id && one.roomId === room.id);
  if (there) {
    entries.byId[there.id] = { ...there, categoryId: category.id };
    return false;
  }
  putRow(entries, {
    id: freeId(`rb-${roomDigits(room.number)}`, (id) => id in entries.byId),
    categoryId: category.id,
    networkId: network.id,
    roomId: room.id,
    uses: 0,
  });
  return true;
}
