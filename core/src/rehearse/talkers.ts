/** Where the people at the far end talk. */
import type { Arrival, Plan } from '../plan/types';
import type { RehearsedModes } from './mode-rehearse';
import { placeKey, type Talker } from './types';

export interface TalkPlace {
  talker: Talker;
  place: Arrival;
  key: string;
}

/** Each talker at a place that the plan has; others talk where nobody hears them. */
export function talksAt(plan: Plan, modes: RehearsedModes, talkers: readonly Talker[]): TalkPlace[] {
  return talkers.flatMap((talker) => {
    const place = modes[talker.at.mode].rehearse.place(plan, talker.at);
    return place ? [{ talker, place, key: placeKey(place) }] : [];
  });
}
