/** What a hotspot is linked to without anybody keying up. */
import type { ProfileValues } from '../plan/types';

/** Something that a hotspot hears without being asked: a link at start, a static group. */
export interface Standing {
  /** `group 417 of Lantern`, `room 41205`. */
  what: string;
  /** Known to carry much traffic: it may hold the hotspot in its mode for hours. */
  busy: boolean;
  /** Where it is set. */
  pointer: string;
  /** Takes it out of the settings. */
  out(values: ProfileValues): void;
}

/** From this many links or nodes on, a reflector or room is seldom quiet. From memory. */
export const BUSY_LINKS = 20;

/** `24 connected`, from what a directory says of a reflector or room; `null` where that is not many, or not known. */
export const busyLinks = (activity: number | null | undefined): string | null =>
  activity != null && activity >= BUSY_LINKS ? `${activity} connected` : null;
