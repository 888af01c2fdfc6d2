import { destinationKey } from '../plan/destination-key';
import type { Patch } from '../plan/patches';
import { rows } from '../plan/table';
import type { TracedPath } from '../path/types';
import type { Codeplug, Id } from '../plan/types';
import { defineCheck } from './check';
import { set } from './walk';

interface Signed {
  radioId: Id;
  id: Id;
  name: string;
  /** Everything of the channel but its name and what the plan keeps beside it. */
  sign: string;
}

/** Worked out path by path: an edit of one channel leaves the others as they were. */
function signOf({ context: { radio, channel } }: TracedPath): Signed {
  const { id, name, mode, rxHz, txHz, power, timeOutS, options, purpose, siteId, destination } = channel;
  const block = (channel as unknown as Record<string, unknown>)[mode];
  const to = destination && destinationKey(destination);
  const sign = JSON.stringify([radio.id, mode, rxHz, txHz, power, timeOutS, options, purpose, siteId, to, block]);
  return { radioId: radio.id, id, name, sign };
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
    const seen = new Map<string, Signed>();
    for (const one of index.ofPaths(signOf)) {
      const first = seen.get(one.sign);
      if (!first) {
        seen.set(one.sign, one);
        continue;
      }
      const pointer = `/codeplugs/${one.radioId}`;
      const codeplug = index.plan.codeplugs[one.radioId]!;
      // What two wants have made is theirs: building would make it again.
      const isBuilt = codeplug.channels.byId[one.id]!.wantId !== null;
      report({
        message: 'twice',
        data: { channel: one.name, first: first.name },
        pointer: `${pointer}/channels/byId/${one.id}`,
        subject: { radioId: one.radioId, channelId: one.id },
        fixes: isBuilt ? [] : [{ id: 'remove', patches: onlyFirst(pointer, codeplug, first.id, one.id) }],
      });
    }
  },
});
