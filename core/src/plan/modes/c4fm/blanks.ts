/** What a radio, a site or a network has of C4FM before anything was said of it. */
import type { ModeBlanks } from '../../mode-data';
import { networksOf } from '../../networks';
import { hotspotsOf } from '../../sites';
import { emptyTable } from '../../table';
import { DISCONNECT_ROOM, GROUP_ID_OPEN } from './limits';

export const blanks: ModeBlanks<'c4fm'> = {
  /** Five categories of twenty rooms, sixteen characters: usual for a handheld. */
  radio: ({ callSign }) => ({ callSign, rooms: { categories: 5, perCategory: 20, nameLength: 16 }, dtmfMemories: 0 }),
  /** Where there is one network of rooms, a hotspot reaches it. Of a repeater nobody has said anything yet. */
  site(plan, site) {
    const networks = networksOf(plan, 'c4fm');
    const networkIds = site.kind === 'hotspot' && networks.length === 1 ? [networks[0]!.id] : [];
    const groupId = site.kind === 'hotspot' ? GROUP_ID_OPEN : null;
    return { groupIdIn: groupId, groupIdOut: groupId, voice: null, networkIds };
  },
  profile: () => ({ startRoom: null }),
  codeplug: () => ({ rooms: emptyTable(), codes: emptyTable() }),
  shared: () => ({ categories: emptyTable(), entries: emptyTable() }),
  /** Without any room yet; 99999 disconnects. */
  network: (id, name) => ({ id, name, mode: 'c4fm', rooms: emptyTable(), disconnect: DISCONNECT_ROOM }),
  networkAdded(plan, networkId) {
    for (const { c4fm } of hotspotsOf(plan)) if (c4fm?.networkIds.length === 0) c4fm.networkIds.push(networkId);
  },
};
