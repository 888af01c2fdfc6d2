/** Sites that lists name around the station and the plan does not hold: a frequency of one's own must stay clear of them. */
import type { Position } from '../plan/types';

export interface AroundSite {
  /** `QO1HSK B`, as lists call it. */
  callSign: string;
  module: string;
  /** What it sends on, Hz. */
  txHz: number;
  /** What it listens on, Hz; `null` where the list does not say. */
  rxHz: number | null;
  position: Position;
}
