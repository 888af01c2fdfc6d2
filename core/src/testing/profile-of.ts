import { effectiveProfile } from '../plan/profiles';
import type { Id, Plan, ProfileValues } from '../plan/types';

/** The settings that a hotspot of a sample runs: those of its base, so that a recipe may change them in place. */
export function profileOf(plan: Plan, siteId: Id): ProfileValues {
  const values = effectiveProfile(plan, siteId);
  if (!values) throw new Error(`${siteId} is no hotspot.`);
  return values;
}
