import { produce } from 'immer';
import { diff } from './diff';
import type { Patch } from './patches';
import type { Plan } from './types';

/**
 * What a recipe changes, as patches: for fixes, which are an edit once they are taken. Links that it breaks are repaired
 * then.
 */
export const recipePatches = (plan: Plan, recipe: (draft: Plan) => void): Patch[] =>
  diff(
    plan,
    produce(plan, (draft) => void recipe(draft as Plan)),
  );
