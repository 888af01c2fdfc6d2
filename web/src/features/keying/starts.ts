import type { KeyingSheet } from '@relay/core/keying/sheet';

/** How many presses of a sheet stand before each of its memories; last, how many it has in all. */
export function startsOf({ entries }: KeyingSheet): number[] {
  const starts = [0];
  for (const { steps } of entries)
    starts.push(starts.at(-1)! + steps.reduce((sum, { presses }) => sum + presses.length, 0));
  return starts;
}
