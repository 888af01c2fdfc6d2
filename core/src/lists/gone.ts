/** Repeaters of a plan that a newer version of their list holds no more: marked where they are, not taken away. */
import { repeatersOf } from '../plan/sites';
import type { Plan, Repeater } from '../plan/types';

/** The repeaters of a plan that were taken from a list, in the order of the plan. */
export function takenFrom(plan: Plan, listName: string): Repeater[] {
  return repeatersOf(plan).filter((one) => one.listing.list?.name === listName);
}

/**
 * A recipe: marks what a list holds no more, and takes the mark from what it holds again. `held`: one answer for each of
 * `takenFrom`, in its order. `on`: ISO date of the list, or of the day on which it was read.
 */
export function markGone(listName: string, held: readonly boolean[], on: string): (draft: Plan) => void {
  return (draft) =>
    takenFrom(draft, listName).forEach(({ listing }, at) => {
      if (held[at] === false) listing.goneOn ??= on;
      else if (held[at]) listing.goneOn = null;
    });
}
