import type { ChannelValues } from '../plan/types';
import { SIMPLEX_SLOT } from '../modes/dmr/limits';

/** A blank DMR channel, before anything was typed. */
export function newChannelValues(): ChannelValues {
  return {
    name: 'New channel',
    mode: 'dmr',
    rxHz: 439_000_000,
    txHz: 439_000_000,
    power: 'low',
    dmr: { colorCode: 1, slot: SIMPLEX_SLOT, call: { kind: 'group', number: 9 }, receiveListId: null, admit: 'color-code-free' },
  };
}
