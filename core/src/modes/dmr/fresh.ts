import type { ModeFresh } from '../mode';
import type { Radio } from '../../plan/types';
import { formatId } from './addresses';

/** Color code 1 is what most sites have; a repeater carries nothing that is known yet. */
export const fresh: ModeFresh<'dmr'> = {
  radio: ({ station }) => ({ id: station.dmrId, hearsOwnGroup: true }),
  site: (_plan, site) => ({ colorCode: 1, carries: site.kind === 'repeater' ? { networkId: null, groups: [], takesOthers: false } : null }),
};

export function knownAs({ dmr }: Radio): string {
  if (!dmr) return '';
  return dmr.id === null ? 'no DMR ID' : formatId(dmr.id);
}
