/** The scenarios that ship, with the station that they are rehearsed with: loaded when somebody asks for them. */
import type { Plan } from '@relay/core/plan/types';
import type { Scenario } from '@relay/core/rehearse/scenario';

export interface Shipped {
  scenarios: readonly Scenario[];
  practice: Plan;
}

let shipped: Promise<Shipped> | null = null;

/** Made once; a failed load may be tried again. */
export function shippedScenarios(): Promise<Shipped> {
  shipped ??= Promise.all([import('../../../../demo/scenarios'), import('../../../../demo/practice')])
    .then(([{ SCENARIOS }, { practicePlan }]) => ({ scenarios: SCENARIOS, practice: practicePlan() }))
    .catch((error: unknown) => {
      shipped = null;
      throw error;
    });
  return shipped;
}
