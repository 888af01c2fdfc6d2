import { hotspotsOf } from '../../plan/sites';
import type { ModeFresh } from '../mode';
import type { Radio } from '../../plan/types';
import { NAC_DEFAULT } from './limits';
import { p25Networks } from './links';

/** Networks take the ID that is used for DMR. Where there is one network, a hotspot reaches it. */
export const fresh: ModeFresh<'p25'> = {
  radio: ({ station }) => ({ unitId: station.dmrId }),
  site(plan, site) {
    const networks = p25Networks(plan);
    return { nac: NAC_DEFAULT, networkIds: site.kind === 'hotspot' && networks.length === 1 ? [networks[0]!.id] : [] };
  },
  network(plan, networkId) {
    for (const { p25 } of hotspotsOf(plan)) if (p25?.networkIds.length === 0) p25.networkIds.push(networkId);
  },
};

export function knownAs({ p25 }: Radio): string {
  if (!p25) return '';
  return p25.unitId === null ? 'no unit ID' : `unit ${p25.unitId}`;
}
