import { destinationKey } from '../plan/destination-key';
import type { Patch } from '../plan/patches';
import { rows } from '../plan/table';
import type { Channel, Codeplug, Id } from '../plan/types';
import { defineCheck } from './check';
import { eachCodeplug, set } from './walk';

const signs = new WeakMap<Channel, string>();

/** Everything of a channel but its name and what the plan keeps beside it; worked out once. */
function signOf(channel: Channel): string {
  let sign = signs.get(channel);
  if (sign === undefined) {
    const { mode, rxHz, txHz, power, purpose, siteId, destination } = channel;
    const block = (channel as unknown as Record<string, unknown>)[mode];
    const to = destination && destinationKey(destination);
    signs.set(channel, (sign = JSON.stringify([mode, rxHz, txHz, power, purpose, siteId, to, block])));
  }
  return sign;
}

/** The patches by which the first stands wherever the second was. */
function onlyFirst(pointer: string, { channels, zones, scanLists }: Codeplug, first: Id, second: Id): Patch[] {
  const lists = [
    ...rows(zones).map((one) => ({ key: 'zones', ...one })),
    ...rows(scanLists).map((one) => ({ key: 'scanLists', ...one })),
  ];
  return [
    ...lists
      .filter(({ channelIds }) => channelIds.includes(second))
      .map(({ key, id, channelIds }) =>
        set(`${pointer}/${key}/byId/${id}/channelIds`, [
          ...new Set(channelIds.map((one) => (one === second ? first : one))),
        ]),
      ),
    { op: 'remove', path: `${pointer}/channels/order/${channels.order.indexOf(second)}` },
    { op: 'remove', path: `${pointer}/channels/byId/${second}` },
  ];
}

export const samePathTwice = defineCheck({
  id: 'same-path-twice',
  severity: 'note',
  title: 'Two channels are the same path',
  docs: {
    summary: 'Two channels of a radio have the same settings throughout, under two names.',
    why: 'One of them takes up room, and a later change is easily made in one and forgotten in the other.',
    remedy: 'Keep one of them; a channel may be in several zones.',
  },
  messages: { twice: '“{channel}” has the same settings as “{first}” throughout.' },
  fixes: { remove: 'Keep “{first}”, also in the zones of “{channel}”' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      const seen = new Map<string, Channel>();
      for (const channel of rows(codeplug.channels)) {
        const sign = signOf(channel);
        const first = seen.get(sign);
        if (!first) {
          seen.set(sign, channel);
          continue;
        }
        // What two wants have made is theirs: building would make it again.
        const fixes =
          channel.wantId === null
            ? [{ id: 'remove' as const, patches: onlyFirst(pointer, codeplug, first.id, channel.id) }]
            : [];
        report({
          message: 'twice',
          data: { channel: channel.name, first: first.name },
          pointer: `${pointer}/channels/byId/${channel.id}`,
          subject: { radioId: radio.id, channelId: channel.id },
          fixes,
        });
      }
    });
  },
});
