/**
 * A site in time: what it listens for, what it takes, what it sends. A hotspot looks for one mode after the other; a
 * signal locks it, and the mode holds until the hang time after the last over has passed. On one frequency it cannot
 * hear while it sends. A repeater has no lock: it takes what comes first, and keeps a slot for its group for a while.
 */
import type { ModeId } from '../plan/types';
import type { OnAir, Slot, Why } from './types';

/** What of its settings decides. */
export interface SiteFacts {
  kind: 'hotspot' | 'repeater';
  /** It sends and listens on one frequency. */
  isSimplex: boolean;
  /** After an over of a radio, or from the network: how long it stays in the mode, ms. */
  hangMs(mode: ModeId, side: 'radioS' | 'networkS'): number;
  /** For how long a repeater keeps a slot for the group that was heard on it last, ms. */
  holdMs: number;
}

interface Use {
  over: number;
  way: 'in' | 'out';
  air: OnAir;
}

export interface SiteState {
  power: 'off' | 'starting' | 'on';
  /** The mode that holds it; `untilMs`: when it lets go, `null` while an over goes on. `null`: it looks for any. */
  lock: { mode: ModeId; untilMs: number | null } | null;
  /** Overs that it takes or sends now. */
  uses: readonly Use[];
  /** Signals that it has not found yet. */
  unfound: readonly { over: number; air: OnAir; sinceMs: number }[];
  /** Slots that a repeater keeps for a group after its over. */
  held: readonly { slot: Slot; number: number; untilMs: number }[];
  /** What networks have for it and it does not send, first come first. */
  offered: readonly { over: number; air: OnAir }[];
}

export type SiteEvent = { atMs: number } &
  /** A radio is on the air. `foundMs`: how long the site needs to find it while it looks for any mode. */
  (
    | { kind: 'signal'; over: number; air: OnAir; foundMs: number }
    | { kind: 'found'; over: number }
    | { kind: 'offer'; over: number; air: OnAir }
    | { kind: 'ended'; over: number }
    | { kind: 'time' }
    | { kind: 'power'; is: SiteState['power'] }
  );

export type SiteEffect =
  | { kind: 'takes'; over: number; missedMs: number }
  | { kind: 'loses'; over: number; why: Why }
  | { kind: 'sends'; over: number; air: OnAir }
  | { kind: 'stops'; over: number }
  | { kind: 'kept out'; over: number; why: Why }
  | { kind: 'locks'; mode: ModeId }
  | { kind: 'scans' }
  | { kind: 'look again'; atMs: number; event: { kind: 'found'; over: number } | { kind: 'time' } };

export const SITE_AT_REST: SiteState = { power: 'on', lock: null, uses: [], unfound: [], held: [], offered: [] };

type Step = [SiteState, SiteEffect[]];

const share = (a: Slot, b: Slot) => a === null || b === null || a === b;

/** Why it cannot take or send something now; `null`: it can. */
function inTheWay(facts: SiteFacts, { power, lock, uses, held }: SiteState, way: Use['way'], air: OnAir): Why | null {
  if (power !== 'on') return { is: power };
  if (lock && lock.mode !== air.mode) return { is: 'locked', mode: lock.mode };
  if (way === 'in' && facts.isSimplex && uses.some((use) => use.way === 'out')) return { is: 'transmitting' };
  const other = uses.find((use) =>
    facts.isSimplex || use.air.mode !== air.mode ? true : share(use.air.slot, air.slot),
  );
  if (other) return { is: 'slot taken' };
  // A radio at the repeater may take the slot; another group of the network may not.
  const isHeld = (one: SiteState['held'][number]) => share(one.slot, air.slot) && one.number !== air.number;
  return way === 'out' && held.some(isHeld) ? { is: 'slot held' } : null;
}

function lockTo(facts: SiteFacts, state: SiteState, mode: ModeId): Step {
  if (facts.kind === 'repeater') return [state, []];
  return [{ ...state, lock: { mode, untilMs: null } }, state.lock ? [] : [{ kind: 'locks', mode }]];
}

/** Sends what waits, as far as it can. */
function serve(facts: SiteFacts, state: SiteState): Step {
  let now = state;
  const effects: SiteEffect[] = [];
  for (const offer of state.offered) {
    if (inTheWay(facts, now, 'out', offer.air)) continue;
    const [locked, locking] = lockTo(facts, now, offer.air.mode);
    now = {
      ...locked,
      uses: [...locked.uses, { ...offer, way: 'out' }],
      offered: locked.offered.filter((one) => one !== offer),
    };
    effects.push(...locking, { kind: 'sends', ...offer });
  }
  return [now, effects];
}

function take(facts: SiteFacts, state: SiteState, over: number, air: OnAir, missedMs: number): Step {
  const [locked, locking] = lockTo(facts, state, air.mode);
  return [
    { ...locked, uses: [...locked.uses, { over, way: 'in', air }] },
    [...locking, { kind: 'takes', over, missedMs }],
  ];
}

function signal(facts: SiteFacts, state: SiteState, event: SiteEvent & { kind: 'signal' }): Step {
  const { over, air, foundMs, atMs } = event;
  const why = inTheWay(facts, state, 'in', air);
  if (why?.is === 'slot taken') {
    const other = state.uses.find((use) => use.way === 'in' && share(use.air.slot, air.slot));
    // Two radios at once: nobody understands either.
    if (other)
      return [
        state,
        [other.over, over].map((one) => ({ kind: 'loses' as const, over: one, why: { is: 'doubled' as const } })),
      ];
  }
  if (why) return [state, [{ kind: 'loses', over, why }]];
  if (state.lock || foundMs === 0) return take(facts, state, over, air, 0);
  return [
    { ...state, unfound: [...state.unfound, { over, air, sinceMs: atMs }] },
    [{ kind: 'look again', atMs: atMs + foundMs, event: { kind: 'found', over } }],
  ];
}

function found(facts: SiteFacts, state: SiteState, { over, atMs }: { over: number; atMs: number }): Step {
  const signal = state.unfound.find((one) => one.over === over);
  if (!signal) return [state, []];
  const now = { ...state, unfound: state.unfound.filter((one) => one !== signal) };
  const why = inTheWay(facts, now, 'in', signal.air);
  return why ? [now, [{ kind: 'loses', over, why }]] : take(facts, now, over, signal.air, atMs - signal.sinceMs);
}

function ended(facts: SiteFacts, state: SiteState, { over, atMs }: { over: number; atMs: number }): Step {
  const missed = state.unfound.find((one) => one.over === over);
  if (missed)
    return [
      { ...state, unfound: state.unfound.filter((one) => one !== missed) },
      [{ kind: 'loses', over, why: { is: 'scanning', ms: atMs - missed.sinceMs } }],
    ];
  const use = state.uses.find((one) => one.over === over);
  if (!use) return [{ ...state, offered: state.offered.filter((one) => one.over !== over) }, []];
  const uses = state.uses.filter((one) => one !== use);
  const effects: SiteEffect[] = use.way === 'out' ? [{ kind: 'stops', over }] : [];
  let { lock } = state;
  if (lock && uses.length === 0) {
    const untilMs = atMs + facts.hangMs(lock.mode, use.way === 'in' ? 'radioS' : 'networkS');
    lock = { ...lock, untilMs };
    effects.push({ kind: 'look again', atMs: untilMs, event: { kind: 'time' } });
  }
  let { held } = state;
  const { slot, number } = use.air;
  if (facts.holdMs > 0 && number !== null) {
    const untilMs = atMs + facts.holdMs;
    held = [...held.filter((one) => !share(one.slot, slot)), { slot, number, untilMs }];
    effects.push({ kind: 'look again', atMs: untilMs, event: { kind: 'time' } });
  }
  const [served, more] = serve(facts, { ...state, uses, lock, held });
  return [served, [...effects, ...more]];
}

function time(facts: SiteFacts, state: SiteState, atMs: number): Step {
  const letsGo = state.lock?.untilMs != null && state.lock.untilMs <= atMs;
  const held = state.held.filter((one) => one.untilMs > atMs);
  if (!letsGo && held.length === state.held.length) return [state, []];
  const [served, effects] = serve(facts, { ...state, held, lock: letsGo ? null : state.lock });
  return [served, letsGo ? [{ kind: 'scans' }, ...effects] : effects];
}

function power(state: SiteState, is: SiteState['power']): Step {
  // Whatever was going on is gone with it.
  const gone: SiteEffect[] = is === 'on' ? [] : state.uses.map(({ over }) => ({ kind: 'stops', over }));
  return [{ ...SITE_AT_REST, power: is }, gone];
}

/** One event at a site. Deterministic: chance comes with the event. */
export function stepSite(facts: SiteFacts, state: SiteState, event: SiteEvent): Step {
  switch (event.kind) {
    case 'signal':
      return signal(facts, state, event);
    case 'found':
      return found(facts, state, event);
    case 'offer': {
      const { over, air } = event;
      if (state.power !== 'on') return [state, [{ kind: 'kept out', over, why: { is: state.power } }]];
      const why = inTheWay(facts, state, 'out', air);
      const [served, effects] = serve(facts, { ...state, offered: [...state.offered, { over, air }] });
      return [served, why ? [...effects, { kind: 'kept out', over, why }] : effects];
    }
    case 'ended':
      return ended(facts, state, event);
    case 'time':
      return time(facts, state, event.atMs);
    case 'power':
      return power(state, event.is);
  }
}

/**
 * How long a hotspot needs to find a signal while it looks for several modes in turn, ms: until it comes to that mode
 * with enough of the signal left to know it. `at`: where in the round of all modes it is, 0 to 1, by chance.
 */
export function msToFind(
  modes: readonly ModeId[],
  mode: ModeId,
  at: number,
  { dwellMs, syncMs }: { dwellMs: number; syncMs: number },
): number {
  if (modes.length < 2) return syncMs;
  const round = modes.length * dwellMs;
  const begins = modes.indexOf(mode) * dwellMs;
  const now = at * round;
  // In its own turn, with enough of it left.
  if (now >= begins && now + syncMs <= begins + dwellMs) return syncMs;
  return ((begins - now + round) % round) + syncMs;
}
