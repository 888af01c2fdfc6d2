/** Runs of a plan for tests: overs at times, and what became of them. */
import type { Run } from '../rehearse/run';
import type { Happening, Talker } from '../rehearse/types';
import type { Destination } from '../plan/types';

/** Keys a channel for so long. */
export function key(run: Run, radioId: string, channelId: string, atMs: number, ms: number): void {
  run.act({ kind: 'key down', radioId, channelId, atMs });
  run.act({ kind: 'key up', radioId, atMs: atMs + ms });
}

type OfKind<K extends Happening['kind']> = Extract<Happening, { kind: K }>;

/** What happened of a kind, in order. */
export const all = <K extends Happening['kind']>(run: Run, kind: K): OfKind<K>[] =>
  run.happened.filter((one): one is OfKind<K> => one.kind === kind);

/** Somebody who talks from a time on, and never stops. */
export const talker = (id: string, at: Destination, more: Partial<Talker> = {}): Talker => ({
  id,
  callSign: 'QO7ELM',
  at,
  fromMs: 0,
  toMs: Infinity,
  overMs: 5_000,
  gapMs: 4_000,
  varies: 0,
  ...more,
});
