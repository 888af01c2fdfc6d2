/** Repeaters that send on one frequency and open for the same; shared by the checks on what that means near and far. */
import type { PlanIndex } from '../path/types';
import { repeatersOf } from '../plan/sites';
import type { Repeater } from '../plan/types';
import { apartM } from './site-frequency';

/** Within this distance of each other two repeaters may both be heard, metres. From memory; hills and height decide. */
const REACH_M = 100_000;

export interface Shared {
  site: Repeater;
  other: Repeater;
  /** What opens both: `color code 1`. */
  access: string;
  /** `null` while one of them is nowhere. */
  distanceM: number | null;
}

/** What opens a site, mode by mode: two with the same cannot be told apart by it. */
function accessOf({ modes }: PlanIndex, site: Repeater): string[] {
  return Object.values(modes).flatMap((mode) => mode.access(site) ?? []);
}

/** Two rows of a list, or two modes, of one repeater. */
function isSame(a: Repeater, b: Repeater): boolean {
  return a.listing.callSign !== '' && a.listing.callSign === b.listing.callSign;
}

/** Calls `visit` for each pair that is not known to be out of each other's reach, at the later of the two. */
export function eachSharedFrequency(index: PlanIndex, visit: (shared: Shared) => void): void {
  const byFrequency = new Map<number, Repeater[]>();
  for (const site of repeatersOf(index.plan)) {
    const there = byFrequency.get(site.txHz) ?? [];
    for (const other of there) {
      const access = accessOf(index, site).find((one) => accessOf(index, other).includes(one));
      if (access === undefined || isSame(site, other)) continue;
      const distanceM = apartM(index, site, other);
      if (distanceM === null || distanceM <= REACH_M) visit({ site, other, access, distanceM });
    }
    byFrequency.set(site.txHz, [...there, site]);
  }
}
