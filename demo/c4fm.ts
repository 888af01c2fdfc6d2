/** C4FM on the Ostrey Isles: a network of rooms for hotspots, one for repeaters, a mixed repeater, a radio, a room book. */
import { setPair } from '@relay/core/plan/carriage';
import { editProfile } from '@relay/core/plan/profiles';
import { putDealt, saveRoom } from '@relay/core/modes/c4fm/book';
import { roomNetwork } from '@relay/core/modes/c4fm/rooms';
import type { Room } from '@relay/core/plan/modes/c4fm/types';
import { newRadio, newRepeater, newNetwork, NO_LISTING } from '@relay/core/plan/create';
import type { Recipe } from '@relay/core/plan/edit';
import { putRow, tableOf } from '@relay/core/plan/table';
import type { Destination } from '@relay/core/plan/types';

type Row = readonly [number, string, string, number | null, Partial<Room>?];

const room = ([number, name, place, activity, more = {}]: Row): Room => ({
  id: `r${number}`,
  number,
  name,
  place,
  kind: 'room',
  activity,
  twin: null,
  bridgesTo: null,
  ...more,
});

const SKERRY: readonly Row[] = [
  [41_205, 'Isles Evening', 'Hask', 14],
  [41_377, 'Ferry Deck', 'Port Ellery', 9, { twin: { networkId: 'mainland', roomId: 'r52077' } }],
  [41_418, 'Beginners’ Hour', 'Merrin', 7],
  [41_460, 'Kitchen Table', 'Dunsel', 5],
  [41_502, 'Weather Round', 'North Cape', 4],
  [41_533, 'Sand Bar', 'Sand Bar', 2],
  [41_900, 'Lantern Bridge', '', 11, { bridgesTo: 'lantern' }],
  [41_950, 'Mainland Span', '', 6, { bridgesTo: 'mainland' }],
];

/** Repeaters only: a hotspot does not find these. */
const MAINLAND: readonly Row[] = [
  [52_077, 'Ferry Deck', 'Port Ellery', 8],
  [52_110, 'North News', 'Tarn', 6],
  [52_140, 'Harbour Lights', 'Hask', 3],
  [52_618, 'Dunsel Node', 'Dunsel', 1, { kind: 'node' }],
];

export const withC4fm: Recipe = (plan) => {
  putRow(plan.networks, { ...newNetwork('c4fm', 'skerry', 'Skerry'), rooms: tableOf(SKERRY.map(room)) });
  putRow(plan.networks, { ...newNetwork('c4fm', 'mainland', 'Mainland'), rooms: tableOf(MAINLAND.map(room)) });
  const home = plan.sites.byId['home']!;
  home.c4fm = { groupIdIn: 0, groupIdOut: 0, voice: null, networkIds: ['skerry'] };
  editProfile(plan, 'home', (values) => setPair(values, 'c4fm', 'dmr', { able: true }));
  const mixed = newRepeater('mixed', 'Dunsel Mixed', 438_500_000, 430_900_000, {
    ...NO_LISTING,
    callSign: 'QO1DMX',
    module: 'B',
    place: 'Dunsel',
    position: { lat: 46.62, lon: -33.51 },
    status: 'on the air',
    confirmedOn: '2026-10-20',
    list: { name: 'Isles club', issuedOn: '2026-10-01' },
  });
  mixed.c4fm = { groupIdIn: 5, groupIdOut: 5, voice: 'narrow', networkIds: ['mainland'] };
  mixed.fm = { toneIn: '110.9', toneOut: null, widthHz: 12_500 };
  putRow(plan.sites, mixed);
  putRow(plan.radios, {
    ...newRadio('rambler', 'Rambler', ['fm']),
    c4fm: { callSign: 'QO3VES', rooms: { categories: 5, perCategory: 20, nameLength: 16 }, dtmfMemories: 0 },
  });
  const want = (id: string, destination: Destination, siteId: string) =>
    putRow(plan.wants, { id: `w-${id}`, destination, radioId: 'rambler', siteId });
  want('room-evening', { mode: 'c4fm', kind: 'room', networkId: 'skerry', roomId: 'r41205' }, 'home');
  want('room-deck', { mode: 'c4fm', kind: 'room', networkId: 'skerry', roomId: 'r41377' }, 'home');
  want('room-bridge', { mode: 'c4fm', kind: 'room', networkId: 'skerry', roomId: 'r41900' }, 'home');
  want('across', { mode: 'dmr', kind: 'group', networkId: 'lantern', groupId: 'g591' }, 'home');
  want('room-news', { mode: 'c4fm', kind: 'room', networkId: 'mainland', roomId: 'r52110' }, 'mixed');
  want('mixed', { mode: 'c4fm', kind: 'local' }, 'mixed');
};

const BOOK: readonly [string, string, number, number][] = [
  ['Evenings', 'skerry', 41_205, 12],
  ['Evenings', 'skerry', 41_460, 5],
  ['Evenings', 'mainland', 52_110, 3],
  ['On the water', 'skerry', 41_377, 9],
  ['On the water', 'skerry', 41_502, 4],
];

/** Favourites in categories, dealt into the radio. */
export const withRoomBook: Recipe = (plan) => {
  for (const [name, networkId, number, uses] of BOOK) {
    const network = roomNetwork(plan, networkId)!;
    const found = network.rooms.byId[`r${number}`]!;
    saveRoom(plan, { network, room: found }, { id: `cat-${name.toLowerCase().replaceAll(' ', '-')}`, name });
    plan.shared.c4fm.entries.byId[`rb-${number}`]!.uses = uses;
  }
  putDealt(plan, 'rambler');
};
