/**
 * Where C4FM names something: a room its twin and its bridge, a site the networks it reaches, the room book its
 * rooms.
 */
import { checkOrder, checkReach, type Found, type ModeReferences } from '../../broken';
import { networkOf, networksOf } from '../../networks';
import { slotOf } from '../../sites';
import { removeRow, rows } from '../../table';
import type { Id, NetworkOf, Plan } from '../../types';

const roomOf = (plan: Plan, networkId: Id, roomId: Id) => networkOf(plan, 'c4fm', networkId)?.rooms.byId[roomId];

/** A twin or a bridge that leads nowhere is forgotten. */
function checkRooms(plan: Plan, network: NetworkOf<'c4fm'>, found: Found): void {
  for (const room of rows(network.rooms)) {
    const at = ['networks', 'byId', network.id, 'rooms', 'byId', room.id];
    const draftOf = (draft: Plan) => roomOf(draft, network.id, room.id)!;
    const { twin, bridgesTo } = room;
    if (twin && !roomOf(plan, twin.networkId, twin.roomId))
      found([...at, 'twin'], `${twin.networkId}/${twin.roomId}`, (draft) => (draftOf(draft).twin = null));
    if (bridgesTo !== null && !(bridgesTo in plan.networks.byId))
      found([...at, 'bridgesTo'], bridgesTo, (draft) => (draftOf(draft).bridgesTo = null));
  }
}

/** A room leaves the book with its network, its category or itself. */
function checkBook(plan: Plan, found: Found): void {
  const { categories, entries } = plan.shared.c4fm;
  for (const kind of ['categories', 'entries'] as const)
    checkOrder(found, ['shared', 'c4fm', kind], (draft) => draft.shared.c4fm[kind], plan.shared.c4fm[kind]);
  for (const entry of rows(entries)) {
    const known = entry.categoryId in categories.byId && roomOf(plan, entry.networkId, entry.roomId);
    if (!known)
      found(['shared', 'c4fm', 'entries', 'byId', entry.id], JSON.stringify(entry), (draft) =>
        removeRow(draft.shared.c4fm.entries, entry.id),
      );
  }
}

/** A code forgets a slot that is gone. */
function checkCodes(plan: Plan, found: Found): void {
  for (const [radioId, { c4fm }] of Object.entries(plan.codeplugs)) {
    for (const { id, recalls } of rows(c4fm.codes)) {
      if (!recalls || slotOf(plan, recalls)) continue;
      found(
        ['codeplugs', radioId, 'c4fm', 'codes', 'byId', id, 'recalls'],
        JSON.stringify(recalls),
        (draft) => (draft.codeplugs[radioId]!.c4fm.codes.byId[id]!.recalls = null),
      );
    }
  }
}

export const references: ModeReferences<'c4fm'> = {
  networkTables: (network) => [['rooms', network.rooms]],
  sharedTables: ({ categories, entries }) => [
    ['categories', categories],
    ['entries', entries],
  ],
  holds: (network, destination) =>
    destination.kind === 'disconnect' || (destination.kind === 'room' && destination.roomId in network.rooms.byId),
  channelLinks: [],
  broken(plan, found) {
    for (const network of networksOf(plan, 'c4fm')) checkRooms(plan, network, found);
    checkCodes(plan, found);
    checkReach(plan, 'c4fm', found);
    checkBook(plan, found);
  },
};
