import type { Delay } from '@relay/core/plan/types';
import { type Line, Unanswered } from './line';

const PROBES = 5;

function median(sorted: readonly number[]): number {
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

const rounded = (ms: number) => Math.round(ms * 10) / 10;

/** Asks a host several times, one after the other, and measures. `null` when it never answered. @throws when aborted */
export async function measureDelay(
  line: Line,
  host: string,
  signal: AbortSignal,
  now: () => Date = () => new Date(),
): Promise<Delay | null> {
  const times: number[] = [];
  for (let probe = 0; probe < PROBES; probe += 1) {
    const start = performance.now();
    try {
      await line.ask(host, signal);
      times.push(performance.now() - start);
    } catch (error) {
      if (!(error instanceof Unanswered)) throw error;
    }
  }
  if (times.length === 0) return null;
  times.sort((a, b) => a - b);
  return {
    medianMs: rounded(median(times)),
    lowMs: rounded(times[0]!),
    highMs: rounded(times.at(-1)!),
    lost: PROBES - times.length,
    at: now().toISOString(),
  };
}
