import { checkOrder, checkReach, type Found, type ModeReferences } from '../../plan/broken';
import { removeRow, rows } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { roomNetwork, type RoomNetwork, roomNetworks } from './rooms';

function roomOf(draft: Plan, networkId: string, roomId: string) {
  return roomNetwork(draft, networkId)!.rooms.byId[roomId]!;
}

/** A twin or a bridge that leads nowhere is forgotten. */
function checkRooms(plan: Plan, network: RoomNetwork, found: Found): void {
  for (const room of rows(network.rooms)) {
    const at = ['networks', 'byId', network.id, 'rooms', 'byId', room.id];
    const { twin, bridgesTo } = room;
    if (twin && !roomNetwork(plan, twin.networkId)?.rooms.byId[twin.roomId]) found([...at, 'twin'], `${twin.networkId}/${twin.roomId}`, (draft) => (roomOf(draft, network.id, room.id).twin = null));
    if (bridgesTo !== null && !(bridgesTo in plan.networks.byId)) found([...at, 'bridgesTo'], bridgesTo, (draft) => (roomOf(draft, network.id, room.id).bridgesTo = null));
  }
}

/** A room leaves the book with its network, its category or itself. */
function checkBook({ roomBook, ...plan }: Plan, found: Found): void {
  for (const kind of ['categories', 'entries'] as const) checkOrder(found, ['roomBook', kind], (draft) => draft.roomBook[kind], roomBook[kind]);
  for (const entry of rows(roomBook.entries)) {
    const known = entry.categoryId in roomBook.categories.byId && roomNetwork(plan as Plan, entry.networkId)?.rooms.byId[entry.roomId];
    if (!known) found(['roomBook', 'entries', 'byId', entry.id], JSON.stringify(entry), (draft) => removeRow(draft.roomBook.entries, entry.id));
  }
}

export const references: ModeReferences<'c4fm'> = {
  tables: (network) => [['rooms', network.rooms]],
  holds: (network, destination) => destination.kind === 'disconnect' || (destination.kind === 'room' && destination.roomId in network.rooms.byId),
  broken(plan, found) {
    for (const network of roomNetworks(plan)) checkRooms(plan, network, found);
    checkReach(plan, 'c4fm', found);
    checkBook(plan, found);
  },
};
