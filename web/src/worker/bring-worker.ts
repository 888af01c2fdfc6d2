/** Radios brought along off the page's thread. Apart from the rest: it loads the solver. */
import { expose } from 'comlink';
import wasmUrl from 'highs/runtime?url';
import { bringAlong, type Brought, putBrought } from '@relay/core/bring/bring-along';
import { highsSolver } from '@relay/core/bring/highs-solver';
import { diff } from '@relay/core/plan/diff';
import type { Patch } from '@relay/core/plan/patches';
import type { Id, Plan } from '@relay/core/plan/types';
import { buildHere } from '@relay/core/registries/builder';
import { MODES } from '@relay/core/registries/modes';

let solver: ReturnType<typeof highsSolver> | null = null;

const bringer = {
  async propose(plan: Plan, radioIds: readonly Id[]): Promise<Brought[]> {
    return bringAlong(plan, MODES, radioIds, await (solver ??= highsSolver(wasmUrl)));
  },
  /** The edit that does it, built. `left`: lines that are not taken, as `radio way`. */
  carryOut(plan: Plan, brought: readonly Brought[], left: ReadonlySet<string>): Patch[] {
    const after = structuredClone(plan);
    putBrought(after, brought, (radioId, way) => left.has(`${radioId} ${way.key}`));
    buildHere(after);
    return diff(plan, after);
  },
};

export type Bringer = typeof bringer;

expose(bringer);
