/** What a mode provides so that it can be rehearsed, beside its machine and its trace. */
import type { ModePath, PathContext, PlanIndex } from '../path/mode-path';
import type { Fact } from '../path/types';
import type { Arrival, ArrivalOf, Destination, Id, ModeId, ModeTypes, Plan, Site, ValuesOf } from '../plan/types';
import type { OnAir } from './types';

/** What answers a call instead of a person. */
export type Answer = 'echo' | 'says link' | null;

export interface ModeRehearse<M extends ModeId = ModeId> {
  /** Where a destination is on its network; `null` where it is none that somebody talks at. */
  place(plan: Plan, destination: Destination): ArrivalOf<M> | null;
  /** Whether a value is a state of the mode, as its machine has it: somebody else’s file may say one. */
  isState(value: unknown): boolean;
  /** What a site is linked to, in a few words: `LNK001 C`; empty for nothing. */
  linked(state: NonNullable<ModeTypes[M]['state']>): string;
  /** What a radio on a channel shows of what its site is linked to; empty for nothing. */
  display?(values: ValuesOf<M>, state: NonNullable<ModeTypes[M]['state']>): string;
  /** How talk at a place comes out of a site, as the site is linked in the world of the index; `null`: it does not. */
  comesOut(index: PlanIndex, site: Site, place: Arrival): OnAir | null;
  /** The pairs that decide whether a channel opens for it; without, those of a reply. */
  opens?(context: PathContext<M>, air: OnAir): Fact[];
  /**
   * The channel that has to be keyed before a call of this one goes anywhere, as the site is linked in the world of the
   * index: itself, where keying it makes the link first. `undefined`: none has to be.
   */
  first?(context: PathContext<M>): Id | null | undefined;
  /** Where keying the channel makes a link that takes time, and may fail: the place; `null`: it makes none. */
  connects?(context: PathContext<M>): ArrivalOf<M> | null;
  /** Whether a link that is there already is answered as a new one is. */
  saysLinkAgain?: true;
  /** Who answers the call. */
  answer?(context: PathContext<M>): Answer;
  /** When something of a state ends by itself, milliseconds; `null`: nothing does. */
  lapses?(state: NonNullable<ModeTypes[M]['state']>): { atMs: number; event: unknown } | null;
  /** Whether a channel waits for others before it sends, and for what. */
  waitsFor?(context: PathContext<M>): 'any signal' | 'its own slot' | null;
  /** Has a channel wait for a free one, or not, in place; for modes in which radios can. */
  setWaits?(values: ValuesOf<M>, waits: boolean): void;
  /** What a channel sends; without, all of the frequency, for whoever is on it. */
  sends?(context: PathContext<M>): OnAir;
  /** The slot on which a site says what it is linked to; without, all of the frequency. */
  saysOn?: 1 | 2;
  /** An open squelch keeps radios of this mode from sending. Common practice. */
  squelchHolds?: true;
}

/** Modes as a rehearsal needs them. */
export type RehearsedModes = Readonly<Record<ModeId, ModePath & { rehearse: ModeRehearse }>>;
