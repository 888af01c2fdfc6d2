/** The scenarios and exercises that ship, with their station: loaded when somebody asks for them. */
import { shallowRef } from 'vue';
import type { Plan } from '@relay/core/plan/types';
import type { Exercise } from '@relay/core/rehearse/exercise';
import type { Scenario } from '@relay/core/rehearse/scenario';

export interface Shipped {
  scenarios: readonly Scenario[];
  exercises: readonly Exercise[];
  practice: Plan;
}

async function load(): Promise<Shipped> {
  const [{ SCENARIOS }, { EXERCISES }, { practicePlan }] = await Promise.all([
    import('../../../../demo/scenarios'),
    import('../../../../demo/exercises'),
    import('../../../../demo/practice'),
  ]);
  return { scenarios: SCENARIOS, exercises: EXERCISES, practice: practicePlan() };
}

/** Those that were opened from files, for as long as the page stays open. */
export const opened = shallowRef<readonly Scenario[]>([]);

let shipped: Promise<Shipped> | null = null;

/** Made once; a failed load may be tried again. */
export function shippedScenarios(): Promise<Shipped> {
  shipped ??= load().catch((error: unknown) => {
    shipped = null;
    throw error;
  });
  return shipped;
}
