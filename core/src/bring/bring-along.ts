/** One press brings the codeplugs of all radios to the same wants, within what each can have and hold. */
import type { BuildModes } from '../builder/mode-build';
import { freeId, putRow, removeRow } from '../plan/table';
import type { Id, Plan, RadioLimits, Want } from '../plan/types';
import { choose, type Solve } from './choose';
import { fullBeside, problemOf } from './room';
import { radioWays, type Unable, type Way, waysOf } from './ways';

/** What one radio is to want, and what it cannot. */
export interface Brought {
  radioId: Id;
  /** Ways that it gets. */
  adds: Way[];
  /** Wants that go, so that others find room. */
  leaves: { want: Want; way: Way }[];
  /** Ways that it does not get: what it cannot do, or what is full. */
  without: { way: Way; why: Unable | 'room'; full: (keyof RadioLimits)[] }[];
  /** How many ways it has in the end. */
  count: number;
}

/** What would be done, radio by radio; nothing is done. Done once, the next time there is nothing to do. */
export async function bringAlong(
  plan: Plan,
  modes: BuildModes,
  radioIds: readonly Id[],
  solve: Solve,
): Promise<Brought[]> {
  const ways = waysOf(plan);
  const all: Brought[] = [];
  for (const radioId of radioIds) {
    const { possible, unable } = radioWays(plan, modes, radioId, ways);
    const problem = problemOf(plan, modes, radioId, possible);
    const taken = await choose(possible, problem, solve);
    const brought: Brought = { radioId, adds: [], leaves: [], without: [], count: taken.size };
    const full = fullBeside(problem, taken);
    possible.forEach(({ way, want }, at) => {
      if (taken.has(at)) {
        if (!want) brought.adds.push(way);
        return;
      }
      if (want) brought.leaves.push({ want, way });
      brought.without.push({ way, why: 'room', full: full(at) });
    });
    for (const { way, why } of unable) brought.without.push({ way, why, full: [] });
    all.push(brought);
  }
  return all;
}

/** Sets the wants of a draft so. `isLeft` says which lines are not taken, by radio and way. Building comes after. */
export function putBrought(draft: Plan, all: readonly Brought[], isLeft: (radioId: Id, way: Way) => boolean): void {
  let count = draft.wants.order.length;
  for (const { radioId, adds, leaves } of all) {
    for (const { want, way } of leaves) if (!isLeft(radioId, way)) removeRow(draft.wants, want.id);
    for (const way of adds) {
      if (isLeft(radioId, way)) continue;
      // Counted from here: thousands are not to look for their number from the beginning.
      const id = freeId(`w-${radioId.slice(0, 40)}-${(count += 1)}`, (taken) => taken in draft.wants.byId);
      putRow(draft.wants, {
        id,
        destination: JSON.parse(JSON.stringify(way.destination)) as Way['destination'],
        radioId,
        siteId: way.siteId,
      });
    }
  }
}
