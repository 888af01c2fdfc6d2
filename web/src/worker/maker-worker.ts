/**
 * What is worked out when it is asked for: what building would do, and what carrying the plan out takes. Apart from the
 * checks, so that the first verdicts need not wait for its code; it is handed the plan each time.
 */
import { expose } from 'comlink';
import type { BuildItem } from '@relay/core/builder/types';
import type { Reprogramming } from '@relay/core/compare/written';
import type { AroundSite } from '@relay/core/path/around';
import type { Plan } from '@relay/core/plan/types';
import { propose } from '@relay/core/registries/builder';
import { planIndex } from '@relay/core/registries/modes';
import { reprogrammingList, runSheet } from '@relay/core/registries/outputs';
import type { Step } from '@relay/core/run-sheet/step';

/** What carrying the plan out takes: the steps in order, and what each radio must be given. */
export interface Carrying {
  steps: Step[];
  reprogram: Reprogramming[];
}

const maker = {
  carrying(plan: Plan, around: readonly AroundSite[]): Carrying {
    const index = planIndex(plan, { today: new Date().toISOString().slice(0, 10), around });
    return { steps: runSheet(index), reprogram: reprogrammingList(index) };
  },
  propose: (plan: Plan): BuildItem[] => propose(plan),
};

export type Maker = typeof maker;

expose(maker);
