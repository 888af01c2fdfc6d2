/**
 * A path: radio channel → air → site → gateway → network → destination, and the reply back.
 * Each hop holds pairs of what one end has and what the other expects; the path is as good as its worst pair.
 */
import type { Arrival, Id } from '../plan/types';
import type { Fact, Verdict } from './fact-types';

export type HopId = 'radio' | 'air' | 'site' | 'gateway' | 'network' | 'destination';

export interface Hop {
  id: HopId;
  facts: Fact[];
  state: Verdict;
  /** Whether a pair of it is worth a note although it agrees. */
  noted: boolean;
}

export interface Direction {
  hops: Hop[];
  verdict: Verdict;
  /** The first hop, in the direction of travel, that breaks it or makes it doubtful. */
  at: HopId | null;
}

export interface Path {
  radioId: Id;
  channelId: Id;
  call: Direction;
  reply: Direction;
  verdict: Verdict;
  outcome: Outcome;
  arrives: Arrival | null;
}

/**
 * What a verdict means to whoever keys up. `wrong place`: `arrives` says where. `not hearing`: you can talk but will not
 * hear. `not heard`: you hear them, and they do not hear you.
 */
export type Outcome = 'whole' | 'doubtful' | 'stops' | 'wrong place' | 'not hearing' | 'not heard';
