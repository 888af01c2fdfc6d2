import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set, wordsOf } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import type { Destination } from '../../../plan/types';
import { type OtherWay, otherWays, targetOf } from '../links';
import { roomDigits } from '../rooms';
import { type C4fmContext, eachDisagreement } from './walk';

/** The same channel, and the want it was made for, meant for the other room. */
function patchesFor(context: C4fmContext, { network, room }: OtherWay) {
  const { channel, index } = context;
  const destination: Destination = { mode: 'c4fm', kind: 'room', networkId: network.id, roomId: room.id };
  const digits = roomDigits(room.number);
  const want = channel.wantId === null ? undefined : index.plan.wants.byId[channel.wantId];
  const mine =
    want &&
    want.destination.kind === 'room' &&
    channel.destination?.kind === 'room' &&
    want.destination.roomId === channel.destination.roomId;
  const built = channel.built ? [set(channelPointer(context, 'built', 'c4fm', 'room'), digits)] : [];
  return [
    ...(mine ? [set(toPointer(['wants', 'byId', want.id, 'destination']), destination)] : []),
    set(channelPointer(context, 'destination'), destination),
    set(channelPointer(context, 'c4fm', 'room'), digits),
    ...built,
  ];
}

export const roomNotReached = defineCheck({
  id: 'room-not-reached',
  severity: 'broken',
  title: 'The site does not reach this network of rooms',
  fact: 'room-network',
  docs: {
    summary: 'A channel is meant for a room on a network that its site’s gateway does not reach.',
    why: 'A hotspot does not find rooms of the repeaters’ network, whatever you search for, and the reverse.',
    remedy:
      'Take the same room’s number on a network that the site reaches, a room that bridges to it, or a site of that network.',
    source: { kind: 'common practice', name: 'a room belongs to a network, and a site reaches certain networks' },
  },
  messages: {
    alone: '{room} is on {expects}; {site} reaches {has}.',
    twin: '{room} is on {expects}; {site} reaches {has}. There the same room is {number}, {other}.',
    bridge: '{room} is on {expects}; {site} reaches {has}. There {number}, {other}, bridges to {expects}.',
  },
  fixes: { twin: 'Take {number}, {other}, the same room there', bridge: 'Take {number}, {other}, which bridges there' },
  check(index, report) {
    eachDisagreement(index, 'room-network', 'gateway', (context, fact) => {
      if (fact.state !== 'broken') return;
      const site = context.site!;
      const target = targetOf(index.plan, context.channel.destination);
      const ways = target ? otherWays(index.plan, site, target) : [];
      const [first] = ways;
      const data = {
        room: target?.room.name ?? 'the number that disconnects',
        ...wordsOf(context, fact),
        site: site.name,
        number: first ? roomDigits(first.room.number) : '',
        other: first?.room.name ?? '',
      };
      // One of each kind: the first that the site lists.
      const fixes = ways
        .filter((way, at) => ways.findIndex((one) => one.by === way.by) === at)
        .map((way) => ({
          id: way.by,
          data: { number: roomDigits(way.room.number), other: way.room.name },
          patches: patchesFor(context, way),
        }));
      report({
        message: first?.by ?? 'alone',
        data,
        pointer: channelPointer(context, 'destination'),
        subject: channelSubject(context),
        fixes,
      });
    });
  },
});
