/** The sample with all that every mode's sample adds: one hotspot that has DMR, D-STAR, C4FM and P25, a radio for each. */
import { edit, type Recipe } from '../plan/edit';
import type { Plan } from '../plan/types';
import { carryOut } from '../registries/builder';
import { furnishDstar } from './sample-dstar';
import { furnishP25 } from './sample-p25';
import { samplePlan } from './sample-plan';
import { furnishRooms } from './sample-rooms';

export function everyMode(change: Recipe = () => undefined): Plan {
  const furnished = [furnishDstar, furnishRooms, furnishP25].reduce(
    (plan, furnish) => edit(plan, furnish).plan,
    samplePlan(),
  );
  return edit(
    edit(
      furnished,
      carryOut(() => true),
    ).plan,
    change,
  ).plan;
}
