/** Hours of a day as they are drawn: in a few steps, from nobody to without a pause. */
import type { Hours } from '@relay/core/rehearse/traffic';

export interface Row {
  key: string;
  name: string;
  hours: Hours;
}

/** `share`: the part of an hour in which somebody talks. `height`: how much of a cell is filled, percent. */
export const LEVELS: readonly { share: number; words: string; height: number }[] = [
  { share: 0, words: 'nobody', height: 0 },
  { share: 0.05, words: 'seldom', height: 20 },
  { share: 0.15, words: 'now and then', height: 45 },
  { share: 0.4, words: 'much', height: 70 },
  { share: 0.85, words: 'without a pause', height: 100 },
];

/** The step that is nearest to a share. */
export function levelOf(share: number): number {
  let best = 0;
  for (const [at, { share: of }] of LEVELS.entries())
    if (Math.abs(of - share) < Math.abs(LEVELS[best]!.share - share)) best = at;
  return best;
}
