import { type At, eachProfile } from '../../../checks/walk';
import type { PlanIndex } from '../../../path/types';
import type { ProfileValues, Site } from '../../../plan/types';
import { routesOf } from '../links';
import type { RouteTable } from '../routes/table';

/** Hotspots whose rules decide; `at` says where their settings stand. */
export function eachRouted(
  index: PlanIndex,
  visit: (site: Site, profile: ProfileValues, table: RouteTable, at: At) => void,
): void {
  eachProfile(index.plan, (site, profile, at) => {
    if (profile.dmr.selection === 'several') visit(site, profile, routesOf(index, site.id), at);
  });
}
