/** What two runs of one scenario have apart. */
import type { Happening } from './types';
import { clock, isEnd, tell, type Telling } from './words';

export interface ToldRun {
  happened: readonly Happening[];
  telling: Telling;
}

export interface Differences {
  /** Only in the first run, and only in the second, each with its time. */
  only: string[];
  instead: string[];
}

/** How much of a difference is told: what comes behind is mostly the same again. */
const MOST = 12;

const lines = ({ happened, telling }: ToldRun): string[] =>
  happened
    .filter((one) => !isEnd(one) && one.kind !== 'released')
    .map((one) => `${clock(one.atMs)} ${tell(telling, one)}`);

/** A line that is told twice in one run and once in the other differs once. */
function without(list: readonly string[], other: readonly string[]): string[] {
  const left = new Map<string, number>();
  for (const one of other) left.set(one, (left.get(one) ?? 0) + 1);
  return list.filter((one) => {
    const count = left.get(one) ?? 0;
    if (count > 0) left.set(one, count - 1);
    return count === 0;
  });
}

/** The first lines of either run that the other has not. */
export function differencesOf(first: ToldRun, second: ToldRun): Differences {
  const [a, b] = [lines(first), lines(second)];
  return { only: without(a, b).slice(0, MOST), instead: without(b, a).slice(0, MOST) };
}
