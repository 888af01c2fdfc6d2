/** C4FM in time: calling a room connects it, which takes a while and may fail; what is said comes after that. */
import type { ModeRehearse } from '../../rehearse/mode-rehearse';
import type { C4fmState } from '../../plan/modes/c4fm/types';
import { disconnects, linkBefore, route, targetOf } from './links';
import { roomDigits } from './rooms';

export const rehearse: ModeRehearse<'c4fm'> = {
  place(plan, destination) {
    const target = targetOf(plan, destination);
    if (!target) return null;
    return { mode: 'c4fm', kind: 'room', networkId: target.network.id, number: roomDigits(target.room.number) };
  },
  isState: (value) => {
    const { connectedTo } = value as Partial<C4fmState>;
    return connectedTo === null || (typeof connectedTo === 'string' && /^\d{5}$/.test(connectedTo));
  },
  linked: ({ connectedTo }) => (connectedTo === null ? '' : `room ${connectedTo}`),
  // A room that flashes is the last one, not connected; steady is connected. Common practice.
  display: ({ c4fm: { room } }, { connectedTo }) =>
    connectedTo !== null ? `room ${connectedTo}, steady` : room === '' ? '' : `room ${room}, flashing`,
  comesOut(index, site, place) {
    if (place.mode !== 'c4fm' || place.kind !== 'room' || linkBefore(index, site) !== place.number) return null;
    const { networkIds } = site.c4fm!;
    const reached = networkIds.length === 0 || networkIds.includes(place.networkId);
    return reached ? { mode: 'c4fm', slot: null, number: null } : null;
  },
  first(context) {
    const { channel, site, index } = context;
    const { room } = channel.c4fm;
    const isThere = room === '' || linkBefore(index, site!) === room || disconnects(context, room);
    return isThere ? undefined : channel.id;
  },
  connects(context) {
    const arrival = route(context);
    return arrival?.kind === 'room' ? arrival : null;
  },
  answer: ({ arrives }) => (arrives?.kind === 'disconnect' ? 'says link' : null),
  squelchHolds: true,
};
