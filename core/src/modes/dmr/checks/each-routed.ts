import { eachProfile } from '../../../checks/walk';
import type { PlanIndex } from '../../../path/types';
import type { Profile, Site } from '../../../plan/types';
import { routesOf } from '../links';
import type { RouteTable } from '../routes/table';

/** Hotspots whose rules decide. */
export function eachRouted(index: PlanIndex, visit: (site: Site, profile: Profile, table: RouteTable) => void): void {
  eachProfile(index.plan, (site, profile) => {
    if (profile.dmr.selection === 'several') visit(site, profile, routesOf(index, site.id));
  });
}
