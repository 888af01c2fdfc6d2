import { putRow } from '../plan/table';
import type { Plan } from '../plan/types';

/** What a mend adds that finds a channel missing: the one that the builder made in `whole`, by hand and under another id, in the zone of a channel beside it. */
export const addedLike =
  (whole: Plan, radioId: string, builtId: string, id: string, besideId: string, more: object = {}) =>
  (plan: Plan): void => {
    const built = whole.codeplugs[radioId]!.channels.byId[builtId]!;
    const { channels, zones } = plan.codeplugs[radioId]!;
    putRow(channels, { ...structuredClone(built), id, wantId: null, built: null, ...more });
    Object.values(zones.byId)
      .find((zone) => zone.channelIds.includes(besideId))!
      .channelIds.push(id);
  };
