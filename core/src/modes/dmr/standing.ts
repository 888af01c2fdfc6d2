/** Groups that a hotspot hears without anybody keying up: those that its networks have bound to it. */
import { listensFor } from '../../plan/carriage';
import type { ModePath } from '../../path/mode-path';
import type { Standing } from '../../path/standing';
import { profilePointer } from '../../plan/profiles';
import type { GroupCategory } from '../../plan/modes/dmr/types';
import { dmrNetworks } from './networks';

/** Groups of whole countries and the world are seldom quiet. Common practice. */
const BUSY: readonly GroupCategory[] = ['nation', 'world'];

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
        busy: BUSY.includes(category),
        pointer,
        out({ dmr }) {
          const bound = dmr.logins[network.id]!;
          bound.staticGroupIds = bound.staticGroupIds.filter((one) => one !== id);
        },
      };
    });
  });
};
