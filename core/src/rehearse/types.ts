/**
 * A rehearsal: radios, sites and networks of a plan, run in time. Times are milliseconds since it began. Every machine is
 * pure, time and chance come with the event, and `run.ts` carries effects from one machine to the next.
 */
import type { FactKey, HopId } from '../path/types';
import type { Arrival, Destination, Id, ModeId } from '../plan/types';
import type { TimeSlot } from '../plan/modes/dmr/types';

/** An over: from key-down to key-up, of whoever. */
export interface Over {
  id: number;
  from: Speaker;
  mode: ModeId;
  startMs: number;
}

export type Speaker =
  | { is: 'radio'; radioId: Id; channelId: Id }
  | { is: 'talker'; talkerId: string }
  /** What a network plays back, to the site that asked. */
  | { is: 'echo'; siteId: Id }
  /** What a site says itself: what it is linked to now. */
  | { is: 'announcement'; siteId: Id };

/** Where on a channel a signal is: one slot of two; `null`: all of it. */
export type Slot = TimeSlot | null;

/** What a site sends of somebody's over. `number`: by which radios open for it; `null` where they need none. */
export interface OnAir {
  mode: ModeId;
  slot: Slot;
  number: number | null;
}

/** Why an over, or a part of it, was not heard where it was meant. */
export type Why =
  /** The pair that breaks its path, as the trace has it. */
  | { is: 'pair'; hop: HopId; key: FactKey }
  /** The site did not listen for that mode yet. `ms`: how much of the over was missed. */
  | { is: 'scanning'; ms: number }
  | { is: 'locked'; mode: ModeId }
  | { is: 'transmitting' }
  | { is: 'slot taken' }
  /** A repeater keeps the slot for the group that was heard on it last. */
  | { is: 'slot held' }
  | { is: 'starting' }
  | { is: 'off' }
  /** Two sent at once. */
  | { is: 'doubled' }
  | { is: 'busy' }
  | { is: 'squelch open' }
  | { is: 'asleep' }
  | { is: 'receive only' }
  /** Nothing is linked. `first`: the channel to be keyed before; `null`: the radio has none. */
  | { is: 'not linked'; first: Id | null }
  /** No slot of the hotspot has this tone code. */
  | { is: 'unknown code' }
  | { is: 'someone talks' }
  | { is: 'network loss' };

export type Lane = { is: 'radio'; id: Id } | { is: 'site'; id: Id } | { is: 'network'; id: Id };

/** What happened, in order of time. */
export type Happening = { atMs: number } & (
  | { kind: 'keyed'; radioId: Id; channelId: Id; over: number }
  | { kind: 'released'; radioId: Id; over: number; timedOut: boolean }
  | { kind: 'refused'; radioId: Id; channelId: Id; why: Why }
  | { kind: 'taken'; siteId: Id; over: number; missedMs: number }
  | { kind: 'sends'; siteId: Id; over: number; mode: ModeId; slot: Slot; number: number | null }
  | { kind: 'stops'; siteId: Id; over: number }
  | { kind: 'locked'; siteId: Id; mode: ModeId }
  | { kind: 'scanning'; siteId: Id }
  | { kind: 'power'; siteId: Id; is: 'off' | 'starting' | 'on' | 'damaged' }
  | { kind: 'reached'; place: string; networkId: Id | null; over: number }
  | { kind: 'talks'; place: string; networkId: Id | null; over: number; talkerId: string }
  | { kind: 'ended'; over: number }
  /** It goes on, and its site carries it no more. */
  | { kind: 'heard no more'; over: number }
  | { kind: 'hears'; radioId: Id; over: number }
  | { kind: 'hears no more'; radioId: Id; over: number }
  | { kind: 'lost'; lane: Lane; over: number; why: Why }
  | { kind: 'connecting'; siteId: Id; mode: ModeId; place: string }
  | { kind: 'linked'; siteId: Id; mode: ModeId; state: unknown }
  | { kind: 'not answered'; siteId: Id; mode: ModeId; place: string }
  | { kind: 'asleep'; siteId: Id; mode: ModeId; state: unknown }
  | { kind: 'profile'; siteId: Id; profileId: Id }
);

/** Something to do, at a time. `cut`: power goes without shutting down first. */
export type Act = { atMs: number } & (
  | { kind: 'key down'; radioId: Id; channelId: Id }
  | { kind: 'key up'; radioId: Id }
  | { kind: 'choose'; radioId: Id; channelId: Id }
  /** A stored tone code, as one. */
  | { kind: 'send code'; radioId: Id; codeId: Id }
  | { kind: 'squelch'; radioId: Id; open: boolean }
  | { kind: 'sleep'; radioId: Id; asleep: boolean }
  | { kind: 'power'; siteId: Id; on: boolean; cut?: boolean }
);

/** Somebody at the far end who talks by habit: overs with gaps. */
export interface Talker {
  id: string;
  callSign: string;
  /** Where: a destination of a network. */
  at: Destination;
  fromMs: number;
  toMs: number;
  overMs: number;
  gapMs: number;
  /** How much an over or a gap may differ, as a part of it: 0 to 1. */
  varies: number;
}

/** What is not in the plan: the far ends. */
export interface Cast {
  talkers: readonly Talker[];
  /** Places that do not answer: rooms and reflectors that are not running. */
  silent: readonly Destination[];
  /** What a network adds: delay, ms, and the part of overs that it loses, 0 to 1. */
  networks: Readonly<Record<Id, { delayMs: number; loss: number }>>;
}

export const NOBODY: Cast = { talkers: [], silent: [], networks: {} };

/** A place as a key: what equal calls come out at. */
export function placeKey(arrival: Arrival): string {
  return JSON.stringify(arrival, Object.keys(arrival).concat('reflector', 'module').sort());
}
