/** The room that a site is connected to: calling a room connects it, the number that disconnects leaves. */
import type { ModeMachine } from '../../path/mode-path';
import type { C4fmState } from '../../plan/modes/c4fm/types';
import { linkBefore } from './links';

/** `number`: five digits. */
export type C4fmEvent = { kind: 'room called'; atMs: number; number: string } | { kind: 'disconnected'; atMs: number };

export type C4fmEffect = { kind: 'connected' | 'left'; number: string };

/** Calling a room connects it and leaves the one before; calling the same again changes nothing. */
export function step({ connectedTo }: C4fmState, event: C4fmEvent): [C4fmState, C4fmEffect[]] {
  const next = event.kind === 'room called' ? event.number : null;
  if (next === connectedTo) return [{ connectedTo }, []];
  const left: C4fmEffect[] = connectedTo === null ? [] : [{ kind: 'left', number: connectedTo }];
  return [{ connectedTo: next }, [...left, ...(next === null ? [] : [{ kind: 'connected' as const, number: next }])]];
}

export const machine: ModeMachine<'c4fm', C4fmEvent, C4fmEffect> = {
  start: (index, site) => ({ connectedTo: linkBefore(index, site) ?? null }),
  keyed({ arrives }, atMs) {
    if (arrives?.kind === 'room') return { kind: 'room called', atMs, number: arrives.number };
    return arrives?.kind === 'disconnect' ? { kind: 'disconnected', atMs } : null;
  },
  step,
};
