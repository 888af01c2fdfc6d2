/** The talk group that a site is linked to: calling a group links it, the unlink group leaves. */
import type { ModeMachine } from '../../path/mode-path';
import type { P25State } from '../../plan/modes/p25/types';
import { linkBefore, unlinks } from './links';

export type P25Event = { kind: 'called'; atMs: number; group: number; unlinks: boolean };

export type P25Effect = { kind: 'linked'; group: number } | { kind: 'left'; group: number };

/** Calling a group links it and leaves the one before; the group that unlinks leaves. */
export function step({ linkedTo }: P25State, event: P25Event): [P25State, P25Effect[]] {
  const left: P25Effect[] =
    linkedTo === null || (!event.unlinks && linkedTo === event.group) ? [] : [{ kind: 'left', group: linkedTo }];
  if (event.unlinks) return [{ linkedTo: null }, left];
  const linked: P25Effect[] = linkedTo === event.group ? [] : [{ kind: 'linked', group: event.group }];
  return [{ linkedTo: event.group }, [...left, ...linked]];
}

export const machine: ModeMachine<'p25', P25Event, P25Effect> = {
  start: (index, site) => ({ linkedTo: linkBefore(index, site) ?? null }),
  keyed(context, atMs) {
    const { group } = context.channel.p25;
    return context.arrives?.kind === 'group' ? { kind: 'called', atMs, group, unlinks: unlinks(context, group) } : null;
  },
  step,
};
