/** Where a C4FM call goes: which rooms a site reaches, what it is connected to, and what waits there. */
import type { ModePath } from '../../path/mode-path';
import { busyLinks } from '../../path/standing';
import type { PathContext, PlanIndex } from '../../path/types';
import { stateOf } from '../../path/world';
import { listensFor } from '../../plan/carriage';
import { profilePointer } from '../../plan/profiles';
import { reachOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import type { ArrivalOf, Destination, Plan, Site } from '../../plan/types';
import type { DestinationInfo } from '../../builder/mode-build';
import { ROOM_DIGITS } from '../../plan/modes/c4fm/limits';
import {
  groupIdText,
  roomDigits,
  type FoundRoom,
  roomNetwork,
  type RoomNetwork,
  roomNetworks,
  roomOfNumber,
} from './rooms';

export const LOCAL: DestinationInfo = {
  destination: { mode: 'c4fm', kind: 'local' },
  name: 'C4FM, whoever hears the site',
  address: 'C4FM, local',
  category: 'local',
  use: 'talk',
};

/** What the channel or memory of the way out of a room is called. */
export const LEAVE = 'Leave';

/** Rooms and nodes to talk in; the number that disconnects comes along with them. */
export function destinations(network: RoomNetwork): DestinationInfo[] {
  return [
    ...rows(network.rooms).map((room): DestinationInfo => ({
      destination: { mode: 'c4fm', kind: 'room', networkId: network.id, roomId: room.id },
      name: room.name,
      address: `${room.kind} ${roomDigits(room.number)}`,
      category: room.place || room.kind,
      use: 'talk',
    })),
    {
      destination: { mode: 'c4fm', kind: 'disconnect', networkId: network.id },
      name: `Disconnect ${network.name}`,
      address: `disconnect ${roomDigits(network.disconnect)}`,
      category: 'service',
      use: 'service',
      comesAlong: true,
    },
  ];
}

/** The room of a destination; `null` for one that is none. */
export function targetOf(plan: Plan, destination: Destination | null): FoundRoom | null {
  if (destination?.kind !== 'room') return null;
  const network = roomNetwork(plan, destination.networkId);
  const room = network?.rooms.byId[destination.roomId];
  return network && room ? { network, room } : null;
}

/** What to enter for a destination: five digits; `null` for one that takes none. */
export function numberFor(plan: Plan, destination: Destination | null): string | null {
  if (destination?.kind === 'disconnect') {
    const network = roomNetwork(plan, destination.networkId);
    return network ? roomDigits(network.disconnect) : null;
  }
  const target = targetOf(plan, destination);
  return target && roomDigits(target.room.number);
}

export interface OtherWay extends FoundRoom {
  /** The same room under a number of its own there, or a room that bridges to the one that is meant. */
  by: 'twin' | 'bridge';
}

/** How a site has a room that is on a network it does not reach: its twin there, else a bridge to that network. */
export function otherWays(plan: Plan, site: Site, { network, room }: FoundRoom): OtherWay[] {
  const reached = roomNetworks(plan).filter((one) => site.c4fm?.networkIds.includes(one.id) && one.id !== network.id);
  const all = reached.flatMap((other) => rows(other.rooms).map((one) => ({ network: other, room: one })));
  const twins = all.filter(
    (one) =>
      (one.room.twin?.networkId === network.id && one.room.twin.roomId === room.id) ||
      (room.twin?.networkId === one.network.id && room.twin.roomId === one.room.id),
  );
  const bridges = all.filter((one) => one.room.bridgesTo === network.id);
  return [
    ...twins.map((one): OtherWay => ({ ...one, by: 'twin' })),
    ...bridges.map((one): OtherWay => ({ ...one, by: 'bridge' })),
  ];
}

/**
 * How a destination can be reached: empty where its gateway reaches it, else why not; `null` where the site has no
 * C4FM.
 */
export function offer(plan: Plan, site: Site, destination: Destination): string | null {
  if (!site.c4fm || destination.mode !== 'c4fm') return null;
  if (destination.kind === 'local') {
    const { groupIdIn } = site.c4fm;
    return groupIdIn === null ? 'group not said' : groupIdIn === 0 ? '' : `group ${groupIdText(groupIdIn)}`;
  }
  const reach = reachOf(site.c4fm, destination.networkId);
  if (reach !== 'not reached') return reach === 'reached' ? '' : 'reach not said';
  const target = targetOf(plan, destination);
  const other = target && otherWays(plan, site, target)[0];
  return other ? `not reached; ${other.by} ${roomDigits(other.room.number)}` : 'not reached';
}

/** What a site is connected to before the radio does anything, five digits; `undefined` where nobody has said. */
export function linkBefore(index: PlanIndex, site: Site): string | null | undefined {
  const said = stateOf(index.world, site.id, 'c4fm');
  if (said) return said.connectedTo;
  const profile = index.profile(site.id);
  if (!profile) return undefined;
  const { startRoom } = profile.c4fm;
  return startRoom === null ? null : roomDigits(startRoom);
}

/**
 * Networks on which a number is looked for: those that the site reaches; where nobody has said, the one that is meant.
 */
function networksAt({ index, site, channel }: PathContext<'c4fm'>): RoomNetwork[] {
  const { networkIds } = site!.c4fm!;
  const meant = channel.destination && 'networkId' in channel.destination ? channel.destination.networkId : null;
  const ids = networkIds.length > 0 ? networkIds : meant === null ? [] : [meant];
  const found = ids.flatMap((id) => roomNetwork(index.plan, id) ?? []);
  // The one that is meant comes first: the same number on another is another room.
  return found.sort((a, b) => Number(b.id === meant) - Number(a.id === meant));
}

/** Whether a number leaves whatever room is connected, on a network of the site. */
export function disconnects(context: PathContext<'c4fm'>, number: string): boolean {
  return networksAt(context).some((network) => roomDigits(network.disconnect) === number);
}

/** The network on which a number leads, by the rooms that are listed; else the first that is asked. */
function networkFor(context: PathContext<'c4fm'>, number: string): RoomNetwork | undefined {
  const networks = networksAt(context);
  return networks.find((network) => roomOfNumber(network, Number(number))) ?? networks[0];
}

/**
 * Where the call of a channel comes out: a room on a network of the site, the way out, or the site itself; `null`
 * when nowhere.
 */
export function route(context: PathContext<'c4fm'>): ArrivalOf<'c4fm'> | null {
  const { index, site, channel } = context;
  if (!site?.c4fm) return null;
  const { destination } = channel;
  const asked = channel.c4fm.room !== '' ? channel.c4fm.room : (linkBefore(index, site) ?? '');
  if (destination?.kind === 'local' || (destination === null && asked === ''))
    return { mode: 'c4fm', kind: 'local', networkId: null };
  if (asked === '' || asked.length !== ROOM_DIGITS) return null;
  if (disconnects(context, asked)) return { mode: 'c4fm', kind: 'disconnect', networkId: null };
  const network = networkFor(context, asked);
  return network ? { mode: 'c4fm', kind: 'room', networkId: network.id, number: asked } : null;
}

/** A room that many nodes are connected to. */
export const busy: NonNullable<ModePath<'c4fm'>['busy']> = (plan, destination) =>
  destination.kind === 'room'
    ? busyLinks(roomNetwork(plan, destination.networkId)?.rooms.byId[destination.roomId]?.activity)
    : null;

/** The room that a hotspot connects to when it starts. */
export const standing: NonNullable<ModePath<'c4fm'>['standing']> = ({ plan, profile }, site) => {
  const values = profile(site.id)!;
  const { startRoom } = values.c4fm;
  if (!site.c4fm || startRoom === null || !listensFor(values, 'c4fm')) return [];
  const pointer = profilePointer(plan, site.id, 'c4fm', 'startRoom');
  const activity = site.c4fm.networkIds
    .map((id) => roomNetwork(plan, id))
    .map((network) => (network && roomOfNumber(network, startRoom)?.activity) ?? 0);
  return [
    {
      what: `room ${roomDigits(startRoom)}`,
      busy: busyLinks(Math.max(0, ...activity)) !== null,
      pointer,
      out: ({ c4fm }) => void (c4fm.startRoom = null),
    },
  ];
};
