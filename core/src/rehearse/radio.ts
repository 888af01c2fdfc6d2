/** A radio in time: whether a press of its key sends, what it is on, what it hears. */
import type { Id } from '../plan/types';
import type { Why } from './types';

export interface RadioState {
  channelId: Id | null;
  /** The over that it sends. */
  sending: { over: number; sinceMs: number } | null;
  /** The over that it hears. */
  hearing: number | null;
  squelchOpen: boolean;
  /** It saves its battery: nothing is heard, and the first press only wakes it. */
  asleep: boolean;
}

/** What decides whether it sends, as it is when the key goes down. */
export interface KeyFacts {
  over: number;
  /** What keeps it from sending by its settings; `null`: nothing. */
  broken: Why | null;
  /** What it waits for before it sends, and what is on the air. */
  waitsFor: 'any signal' | 'its own slot' | null;
  onAir: 'nothing' | 'another slot' | 'its own slot';
  squelchHolds: boolean;
  /** After this long it stops by itself, ms; `null`: never, or nobody has said. */
  timeOutMs: number | null;
}

export type RadioEvent = { atMs: number } & (
  | { kind: 'key down'; facts: KeyFacts }
  | { kind: 'key up' }
  | { kind: 'timed out'; over: number }
  | { kind: 'choose'; channelId: Id }
  | { kind: 'squelch'; open: boolean }
  | { kind: 'sleep'; asleep: boolean }
  | { kind: 'hears'; over: number }
  | { kind: 'ended'; over: number }
);

export type RadioEffect =
  | { kind: 'sends'; over: number }
  | { kind: 'refuses'; why: Why }
  | { kind: 'releases'; over: number; timedOut: boolean }
  | { kind: 'hears'; over: number }
  | { kind: 'look again'; atMs: number; event: { kind: 'timed out'; over: number } };

export const radioOn = (channelId: Id | null): RadioState => ({
  channelId,
  sending: null,
  hearing: null,
  squelchOpen: false,
  asleep: false,
});

/** Whether others on the air keep it from sending. */
const isHeldBack = ({ waitsFor, onAir }: KeyFacts) =>
  waitsFor !== null && onAir !== 'nothing' && (waitsFor === 'any signal' || onAir === 'its own slot');

function refusal({ squelchOpen }: RadioState, facts: KeyFacts): Why | null {
  if (facts.broken) return facts.broken;
  if (squelchOpen && facts.squelchHolds) return { is: 'squelch open' };
  return isHeldBack(facts) ? { is: 'busy' } : null;
}

function release(state: RadioState, timedOut: boolean): [RadioState, RadioEffect[]] {
  if (!state.sending) return [state, []];
  return [{ ...state, sending: null }, [{ kind: 'releases', over: state.sending.over, timedOut }]];
}

/** One event at a radio. */
export function stepRadio(state: RadioState, event: RadioEvent): [RadioState, RadioEffect[]] {
  switch (event.kind) {
    case 'key down': {
      const { facts, atMs } = event;
      if (state.sending) return [state, []];
      // Awake from now on, and silent this time.
      if (state.asleep) return [{ ...state, asleep: false }, [{ kind: 'refuses', why: { is: 'asleep' } }]];
      const why = refusal(state, facts);
      if (why) return [state, [{ kind: 'refuses', why }]];
      const { over, timeOutMs } = facts;
      const effects: RadioEffect[] = [{ kind: 'sends', over }];
      if (timeOutMs !== null)
        effects.push({ kind: 'look again', atMs: atMs + timeOutMs, event: { kind: 'timed out', over } });
      // Nothing is heard while it sends.
      return [{ ...state, sending: { over, sinceMs: atMs }, hearing: null }, effects];
    }
    case 'key up':
      return release(state, false);
    case 'timed out':
      return state.sending?.over === event.over ? release(state, true) : [state, []];
    case 'choose': {
      const [released, effects] = release(state, false);
      return [{ ...released, channelId: event.channelId, hearing: null }, effects];
    }
    case 'squelch':
      return [{ ...state, squelchOpen: event.open }, []];
    case 'sleep':
      return [{ ...state, asleep: event.asleep, hearing: event.asleep ? null : state.hearing }, []];
    case 'hears':
      if (state.sending || state.asleep || state.hearing !== null) return [state, []];
      return [{ ...state, hearing: event.over }, [{ kind: 'hears', over: event.over }]];
    case 'ended':
      return [state.hearing === event.over ? { ...state, hearing: null } : state, []];
  }
}
