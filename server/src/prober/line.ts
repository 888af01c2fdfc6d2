/** What a prober asks. The one that ships is simulated: the servers of a plan are asked in a small model, not on the air or the net. */
import { createHash } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';

export interface Line {
  /** Resolves when the server answers; rejects with `Unanswered` when it does not. */
  ask: (host: string, signal: AbortSignal) => Promise<void>;
}

export class Unanswered extends Error {}

const NEAREST_MS = 6;
const FARTHEST_MS = 150;
const MOST_JITTER = 0.25;
const LOSS = 0.04;

/** 0 to 1, the same for the same host: a server does not move between two measurements. */
function farness(host: string): number {
  return createHash('sha256').update(host.toLowerCase()).digest().readUInt32BE(0) / 0xffffffff;
}

/** Delay of a host in the model without jitter, milliseconds. */
export function modelDelayMs(host: string): number {
  return NEAREST_MS + (FARTHEST_MS - NEAREST_MS) * farness(host) ** 2;
}

/** Answers late by how far the host is in the model, with jitter, and now and then not at all. `random` gives 0 to below 1. */
export function simulatedLine(random: () => number = Math.random): Line {
  return {
    async ask(host, signal) {
      await wait(modelDelayMs(host) * (1 + MOST_JITTER * random()), undefined, { signal });
      if (random() < LOSS) throw new Unanswered(host);
    },
  };
}
