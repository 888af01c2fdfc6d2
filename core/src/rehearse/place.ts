/** A place on a network in time: one talks, the others wait or are not heard. */

export interface PlaceState {
  /** The over that is heard there. */
  speaker: number | null;
  /** Talkers who wait for it to be free, by their ids. */
  waiting: readonly string[];
}

export type PlaceEvent =
  /** Somebody who listens there would like to talk: they wait for their turn. */
  | { kind: 'wants'; talkerId: string }
  /** Whose turn it is does not talk any more. */
  | { kind: 'declines' }
  | { kind: 'begins'; over: number }
  | { kind: 'ended'; over: number };

export type PlaceEffect =
  { kind: 'free for' | 'next'; talkerId: string } | { kind: 'heard' | 'someone talks'; over: number };

export const FREE_PLACE: PlaceState = { speaker: null, waiting: [] };

/** One event at a place. */
export function stepPlace(state: PlaceState, event: PlaceEvent): [PlaceState, PlaceEffect[]] {
  const { speaker, waiting } = state;
  switch (event.kind) {
    case 'wants':
      return speaker === null
        ? [state, [{ kind: 'free for', talkerId: event.talkerId }]]
        : [{ speaker, waiting: [...waiting, event.talkerId] }, []];
    case 'begins':
      return speaker === null
        ? [{ speaker: event.over, waiting }, [{ kind: 'heard', over: event.over }]]
        : [state, [{ kind: 'someone talks', over: event.over }]];
    case 'ended':
      return speaker === event.over ? turn(waiting) : [state, []];
    case 'declines':
      return speaker === null ? turn(waiting) : [state, []];
  }
}

/** The one who waits longest is next. */
function turn([next, ...others]: readonly string[]): [PlaceState, PlaceEffect[]] {
  return [{ speaker: null, waiting: others }, next === undefined ? [] : [{ kind: 'next', talkerId: next }]];
}
