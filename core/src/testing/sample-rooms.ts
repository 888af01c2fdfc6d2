/** The sample with a C4FM radio: a hotspot that reaches one network of rooms, and a mixed repeater that reaches another. */
import { carryOut } from '../registries/builder';
import { newRadio, newRepeater, newNetwork, NO_LISTING } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow, tableOf } from '../plan/table';
import type { Room } from '../plan/modes/c4fm/types';
import type { ChannelOf, Destination, Plan } from '../plan/types';
import { samplePlan } from './sample-plan';

const room = (id: string, number: number, name: string, more: Partial<Room> = {}): Room => ({
  id,
  number,
  name,
  place: '',
  kind: 'room',
  activity: null,
  twin: null,
  bridgesTo: null,
  ...more,
});

export const roomAt = (networkId: string, roomId: string): Destination => ({
  mode: 'c4fm',
  kind: 'room',
  networkId,
  roomId,
});

/** Puts the C4FM radio, its sites, rooms and wants beside whatever a plan with the small sample’s hotspot holds. */
export const furnishRooms: Recipe = (plan) => {
  putRow(plan.networks, {
    ...newNetwork('c4fm', 'rm1', 'Skerry'),
    rooms: tableOf<Room>([
      room('evening', 41_205, 'Isles Evening', { place: 'Hask', activity: 14 }),
      room('deck', 41_377, 'Ferry Deck', { activity: 3, twin: { networkId: 'rm2', roomId: 'ferry' } }),
      room('bridge', 41_900, 'Lantern Bridge', { bridgesTo: 'n1' }),
      room('span', 41_950, 'Mainland Span', { bridgesTo: 'rm2' }),
    ]),
  });
  putRow(plan.networks, {
    ...newNetwork('c4fm', 'rm2', 'Mainland'),
    rooms: tableOf<Room>([
      room('ferry', 52_077, 'Ferry Deck'),
      room('news', 52_110, 'North News', { kind: 'node', activity: 6 }),
    ]),
  });
  putRow(plan.radios, {
    ...newRadio('r3', 'Rambler', ['fm']),
    c4fm: { callSign: 'QO3VES', rooms: { categories: 2, perCategory: 3, nameLength: 12 }, dtmfMemories: 0 },
  });
  plan.sites.byId['s1']!.c4fm = { groupIdIn: 0, groupIdOut: 0, voice: null, networkIds: ['rm1'] };
  const mixed = newRepeater('rp5', 'Dunsel Mixed', 438_500_000, 430_900_000, {
    ...NO_LISTING,
    callSign: 'QO1DMX',
    module: 'B',
    position: { lat: 46.62, lon: -33.51 },
    list: { name: 'Isles club', issuedOn: '2026-10-01' },
  });
  mixed.c4fm = { groupIdIn: 5, groupIdOut: 5, voice: 'narrow', networkIds: ['rm2'] };
  mixed.fm = { toneIn: '110.9', toneOut: null, widthHz: 12_500 };
  putRow(plan.sites, mixed);
  const want = (id: string, destination: Destination, siteId: string) =>
    putRow(plan.wants, { id, destination, radioId: 'r3', siteId });
  want('w-evening', roomAt('rm1', 'evening'), 's1');
  want('w-bridge', roomAt('rm1', 'bridge'), 's1');
  want('w-news', roomAt('rm2', 'news'), 'rp5');
  want('w-around', { mode: 'c4fm', kind: 'local' }, 'rp5');
};

/** Three rooms with their ways out, and a local channel: beside the four paths of the small sample. */
export function roomsPlan(change: Recipe = () => undefined): Plan {
  return edit(
    edit(
      edit(samplePlan(), furnishRooms).plan,
      carryOut(() => true),
    ).plan,
    change,
  ).plan;
}

/** A channel of the C4FM radio, by what stands behind `ch-` in its id: `w-evening`, `w-evening-disconnect`. */
export function roomChannel(plan: Plan, part: string): ChannelOf<'c4fm'> {
  const channel = plan.codeplugs['r3']!.channels.byId[`ch-${part}`];
  if (channel?.mode !== 'c4fm') throw new Error(`${part} is no C4FM channel`);
  return channel;
}

export const roomPointer = (part: string, ...field: string[]): string =>
  ['/codeplugs/r3/channels/byId', `ch-${part}`, ...field].join('/');
