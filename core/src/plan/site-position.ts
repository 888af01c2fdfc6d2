import { effectiveProfile } from './profiles';
import type { Plan, Position, Site } from './types';

/** Where a site is: a hotspot where its settings say, else at the station. `null` while nobody has said. */
export function positionOf(plan: Plan, site: Site): Position | null {
  if (site.kind === 'repeater') return site.listing.position;
  const location = effectiveProfile(plan, site.id)?.location;
  return location ? { lat: location.lat, lon: location.lon } : plan.station.position;
}
