import { testCheck } from '../../../testing/check-tester';
import { roomAt, roomChannel, roomPointer, roomsPlan } from '../../../testing/sample-rooms';
import type { Destination, Plan } from '../../../plan/types';
import { removeRow } from '../../../plan/table';
import { roomNetwork } from '../rooms';
import { roomNotReached } from './room-not-reached';

const pointer = roomPointer('w-evening', 'destination');

/** The evening channel and its want, meant for another room under its number. */
const meant = (destination: Destination, room: string) => (plan: Plan) => {
  plan.wants.byId['w-evening']!.destination = destination;
  const channel = roomChannel(plan, 'w-evening');
  channel.destination = destination;
  channel.c4fm.room = room;
  channel.built!.c4fm.room = room;
};

testCheck(roomNotReached, {
  plan: roomsPlan,
  valid: [
    { name: 'reached' },
    { name: 'unsaid is told of elsewhere', change: (plan) => void (plan.sites.byId['s1']!.c4fm!.networkIds = []) },
  ],
  invalid: [
    {
      name: 'a room of the repeaters’ network that has a twin, and a bridge besides',
      change: meant(roomAt('rm2', 'ferry'), '52077'),
      findings: [
        {
          message: 'twin',
          pointer,
          says: 'Ferry Deck is on Mainland; Home reaches Skerry. There the same room is 41377, Ferry Deck.',
          fixes: { twin: meant(roomAt('rm1', 'deck'), '41377'), bridge: meant(roomAt('rm1', 'span'), '41950') },
        },
      ],
    },
    {
      name: 'one that only a bridge leads to, without a want',
      change: (plan) => {
        removeRow(roomNetwork(plan, 'rm1')!.rooms, 'deck');
        meant(roomAt('rm2', 'ferry'), '52077')(plan);
        removeRow(plan.wants, 'w-evening');
        Object.assign(roomChannel(plan, 'w-evening'), { wantId: null, built: null });
      },
      findings: [
        {
          message: 'bridge',
          pointer,
          says: 'Ferry Deck is on Mainland; Home reaches Skerry. There 41950, Mainland Span, bridges to Mainland.',
          fixes: {
            bridge: (plan) => {
              roomChannel(plan, 'w-evening').destination = roomAt('rm1', 'span');
              roomChannel(plan, 'w-evening').c4fm.room = '41950';
            },
          },
        },
      ],
    },
    {
      name: 'nothing leads there',
      change: (plan) => void (plan.sites.byId['rp5']!.c4fm!.networkIds = ['rm1']),
      findings: [
        {
          message: 'bridge',
          pointer: roomPointer('w-news', 'destination'),
          fixes: {
            bridge: (plan) => {
              plan.wants.byId['w-news']!.destination = roomAt('rm1', 'span');
              const channel = roomChannel(plan, 'w-news');
              channel.destination = roomAt('rm1', 'span');
              channel.c4fm.room = '41950';
              channel.built!.c4fm.room = '41950';
            },
          },
        },
        {
          message: 'alone',
          pointer: roomPointer('w-news-disconnect', 'destination'),
          says: 'The number that disconnects is on Mainland; Dunsel Mixed reaches Skerry.',
        },
      ],
    },
  ],
});
