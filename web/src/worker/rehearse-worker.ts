/** Days at a hotspot, rehearsed off the page’s thread. */
import { expose } from 'comlink';
import { judge, type Judgement } from '@relay/core/rehearse/judge';
import { type Hours, placesThrough } from '@relay/core/rehearse/traffic';
import type { Id, Plan } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';

const rehearser = {
  judge(
    plan: Plan,
    siteId: Id,
    hours: readonly (readonly [string, Hours])[],
    days: number,
    onDay: (done: number, of: number) => void,
  ): Judgement {
    const places = placesThrough(plan, MODES, siteId);
    return judge(plan, { modes: MODES, siteId, places, hours: new Map(hours), days, onDay });
  },
};

export type Rehearser = typeof rehearser;

expose(rehearser);
