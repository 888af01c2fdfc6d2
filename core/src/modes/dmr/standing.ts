/** Groups that a hotspot hears without anybody keying up: those that its networks have bound to it. */
import { listensFor } from '../../plan/carriage';
import type { ModePath } from '../../path/mode-path';
import type { Standing } from '../../path/standing';
import { profilePointer } from '../../plan/profiles';
import type { GroupCategory } from '../../plan/modes/dmr/types';
import { dmrNetwork, dmrNetworks } from './networks';

/** Groups of whole countries and the world are seldom quiet. Common practice. */
const BUSY: Partial<Record<GroupCategory, string>> = { nation: 'nationwide', world: 'worldwide' };

export const busy: NonNullable<ModePath<'dmr'>['busy']> = (plan, destination) =>
  destination.kind === 'group'
    ? (BUSY[dmrNetwork(plan, destination.networkId)?.groups.byId[destination.groupId]?.category ?? 'local'] ?? null)
    : null;

export const standing: NonNullable<ModePath<'dmr'>['standing']> = ({ plan, profile }, { id: siteId }) => {
  const values = profile(siteId)!;
  if (!listensFor(values, 'dmr')) return [];
  return dmrNetworks(plan).flatMap((network): Standing[] => {
    const login = values.dmr.logins[network.id];
    if (!login?.enabled) return [];
    const pointer = profilePointer(plan, siteId, 'dmr', 'logins', network.id, 'staticGroupIds');
    return login.staticGroupIds.map((id) => {
      const { number, category } = network.groups.byId[id]!;
      return {
        what: `group ${number} of ${network.name}`,
        busy: category in BUSY,
        pointer,
        out({ dmr }) {
          const bound = dmr.logins[network.id]!;
          bound.staticGroupIds = bound.staticGroupIds.filter((one) => one !== id);
        },
      };
    });
  });
};
