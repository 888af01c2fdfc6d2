/** Channels once more, each behind the one it is like, in its zones too; with names of their own. */
import { nameFitter } from '@relay/core/codeplug/names';
import { nameRules, roomIn } from '@relay/core/codeplug/room';
import { rows } from '@relay/core/plan/table';
import type { Channel, Id, Plan } from '@relay/core/plan/types';

/** In a draft. @param freshId gives an id that the codeplug has not @returns the ids of the new ones */
export function duplicate(draft: Plan, radioId: Id, ids: readonly Id[], freshId: () => Id): Id[] {
  const radio = draft.radios.byId[radioId]!;
  const { channels, zones } = draft.codeplugs[radioId]!;
  const fit = nameFitter(
    nameRules(draft, radio),
    rows(channels).map(({ name }) => name),
  );
  return ids.flatMap((likeId) => {
    const like = channels.byId[likeId];
    if (!like) return [];
    const id = freshId();
    const copy = JSON.parse(JSON.stringify(like)) as Channel;
    channels.byId[id] = {
      ...copy,
      id,
      name: fit({ name: like.name, qualifier: '' }),
      wantId: null,
      built: null,
    } as Channel;
    channels.order.splice(channels.order.indexOf(likeId) + 1, 0, id);
    for (const zone of rows(zones)) {
      const at = zone.channelIds.indexOf(likeId);
      if (at >= 0 && zone.channelIds.length < roomIn(radio.limits.channelsPerZone))
        zone.channelIds.splice(at + 1, 0, id);
    }
    return [id];
  });
}
