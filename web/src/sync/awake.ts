/** Which dynamic groups are awake, by what the user keyed in this window. Kept apart from the plan: it is over in minutes. */
import type { AwakeGroup } from '@relay/core/path/types';

export interface Keyed extends Omit<AwakeGroup, 'minutesLeft'> {
  /** Milliseconds since 1970. */
  until: number;
}

const MINUTE_MS = 60_000;

export function awakeAt(keyed: readonly Keyed[], nowMs: number): AwakeGroup[] {
  return keyed.filter((one) => one.until > nowMs).map(({ until, ...one }) => ({ ...one, minutesLeft: (until - nowMs) / MINUTE_MS }));
}
