/** The dynamic groups that a site's slots have taken up: keyed, they wake; quiet for long enough, they are dropped. */
import type { ModeMachine } from '../../path/mode-path';
import type { AwakeGroup, DmrState, TimeSlot } from '../../plan/modes/dmr/types';
import type { Id } from '../../plan/types';
import { dmrNetwork } from './networks';

const MINUTE_MS = 60_000;

/** Times in milliseconds since 1970, UTC. */
export type DmrEvent =
  | { kind: 'keyed'; atMs: number; networkId: Id; slot: TimeSlot; number: number; timerMin: number }
  | { kind: 'time passed'; atMs: number };

export type DmrEffect = { kind: 'taken up' | 'dropped'; networkId: Id; slot: TimeSlot; number: number };

function effect(kind: DmrEffect['kind'], { networkId, slot, number }: AwakeGroup): DmrEffect {
  return { kind, networkId, slot, number };
}

/** A slot holds one dynamic group of a network: a second replaces the first. */
export function step({ awake }: DmrState, event: DmrEvent): [DmrState, DmrEffect[]] {
  const over = awake.filter((one) => one.untilMs <= event.atMs);
  const still = awake.filter((one) => one.untilMs > event.atMs);
  const dropped = over.map((one) => effect('dropped', one));
  if (event.kind === 'time passed') return [{ awake: still }, dropped];
  const { networkId, slot, number, atMs, timerMin } = event;
  const here = still.filter((one) => one.slot === slot && one.networkId === networkId);
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
    if (arrives?.kind !== 'group' || arrives.networkId === null) return null;
    const { networkId, number } = arrives;
    return {
      kind: 'keyed',
      atMs,
      networkId,
      slot: channel.dmr.slot,
      number,
      timerMin: dmrNetwork(index.plan, networkId)!.dynamicTimerMin,
    };
  },
  step,
};
