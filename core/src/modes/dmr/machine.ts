/** The dynamic groups that a site's slots have taken up: keyed, they wake; quiet for long enough, they are dropped. */
import type { ModeMachine } from '../../path/mode-path';
import { SPECIAL_NAMES } from '../../plan/modes/dmr/limits';
import type { AwakeGroup, DmrState, SpecialName, TimeSlot } from '../../plan/modes/dmr/types';
import type { Id } from '../../plan/types';
import { dmrNetwork } from './networks';

const MINUTE_MS = 60_000;

/** Times in milliseconds since 1970, UTC. */
export type DmrEvent =
  | { kind: 'keyed'; atMs: number; networkId: Id; slot: TimeSlot; number: number; timerMin: number }
  /** The network was told to drop what the slot has taken up. */
  | { kind: 'unlinked'; atMs: number; networkId: Id; slot: TimeSlot }
  | { kind: 'time passed'; atMs: number };

export type DmrEffect = { kind: 'taken up' | 'dropped'; networkId: Id; slot: TimeSlot; number: number };

function effect(kind: DmrEffect['kind'], { networkId, slot, number }: AwakeGroup): DmrEffect {
  return { kind, networkId, slot, number };
}

/** A slot holds one dynamic group of a network: a second replaces the first. */
export function step(state: DmrState, event: DmrEvent): [DmrState, DmrEffect[]] {
  const { awake } = state;
  const over = awake.filter((one) => one.untilMs <= event.atMs);
  const still = awake.filter((one) => one.untilMs > event.atMs);
  const dropped = over.map((one) => effect('dropped', one));
  if (event.kind === 'time passed') return [{ awake: still }, dropped];
  const { networkId, slot } = event;
  const here = still.filter((one) => one.slot === slot && one.networkId === networkId);
  const isQuiet = here.length === 0 && still.length === awake.length;
  if (event.kind === 'unlinked')
    return isQuiet
      ? [state, []]
      : [
          { awake: still.filter((one) => !here.includes(one)) },
          [...dropped, ...here.map((one) => effect('dropped', one))],
        ];
  const { number, atMs, timerMin } = event;
  const taken: AwakeGroup = { networkId, slot, number, untilMs: atMs + timerMin * MINUTE_MS };
  const replaced = here.filter((one) => one.number !== number).map((one) => effect('dropped', one));
  const known = here.some((one) => one.number === number);
  return [
    { awake: [...still.filter((one) => !here.includes(one)), taken] },
    [...dropped, ...replaced, ...(known ? [] : [effect('taken up', taken)])],
  ];
}

export const machine: ModeMachine<'dmr', DmrEvent, DmrEffect> = {
  start: () => ({ awake: [] }),
  keyed({ index, channel, arrives }, atMs) {
    if (!arrives || arrives.networkId === null) return null;
    const { networkId, number } = arrives;
    const network = dmrNetwork(index.plan, networkId)!;
    const { slot } = channel.dmr;
    const isSpecial = (name: SpecialName) =>
      network.special[name]?.number === number && network.special[name]?.kind === arrives.kind;
    if (isSpecial('unlink')) return { kind: 'unlinked', atMs, networkId, slot };
    // What the network answers itself is no group to be taken up.
    if (arrives.kind !== 'group' || SPECIAL_NAMES.some(isSpecial)) return null;
    return {
      kind: 'keyed',
      atMs,
      networkId,
      slot,
      number,
      timerMin: network.dynamicTimerMin,
    };
  },
  step,
};
