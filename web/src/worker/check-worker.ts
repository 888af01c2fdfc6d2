/** Holds a copy of the plan and answers with its agreement, off the page's thread. */
import { expose } from 'comlink';
import { agreementOf, type Agreement } from '@relay/core/agreement/agreement';
import { propose } from '@relay/core/build/build';
import type { BuildItem } from '@relay/core/build/types';
import { describePath, type RelayView } from '@relay/core/path/describe';
import { indexPlan, type PlanIndex } from '@relay/core/path/plan-index';
import { applyPatches, type Patch } from '@relay/core/plan/patches';
import type { Plan } from '@relay/core/plan/types';

let plan: Plan | null = null;
let index: PlanIndex | null = null;

function present(): { plan: Plan; index: PlanIndex } {
  if (!plan) throw new Error('The worker was asked before it was given a plan.');
  index ??= indexPlan(plan);
  return { plan, index };
}

const checker = {
  setPlan(next: Plan): Agreement {
    plan = next;
    index = null;
    return checker.agreement();
  },
  /** The same edits as the page made, in the same order. */
  applyPatches(patches: Patch[]): Agreement {
    plan = applyPatches(present().plan, patches);
    index = null;
    return checker.agreement();
  },
  agreement(): Agreement {
    const { plan, index } = present();
    return agreementOf(plan, index);
  },
  relayView(radioId: string, channelId: string): RelayView | null {
    const found = present().index.paths().find(({ path }) => path.radioId === radioId && path.channelId === channelId);
    return found ? describePath(found.path, found.context) : null;
  },
  propose(): BuildItem[] {
    return propose(present().plan);
  },
};

export type Checker = typeof checker;

expose(checker);
