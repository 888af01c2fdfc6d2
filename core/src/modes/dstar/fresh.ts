import type { ModeFresh } from '../mode';
import type { Radio } from '../../plan/types';
import { moduleOfBand } from './trace';

/** A hotspot commonly reaches every family; of a repeater nobody has said. */
export const fresh: ModeFresh<'dstar'> = {
  radio: ({ station }) => ({ my: station.callSign, suffix: '', siteList: null }),
  site(plan, site) {
    const callSign = site.kind === 'repeater' ? site.listing.callSign : plan.station.callSign;
    return { callSign, module: moduleOfBand(site, plan) ?? 'B', families: site.kind === 'repeater' ? [] : null, cable: false, utcOffsetMin: null };
  },
};

export function knownAs({ dstar }: Radio): string {
  if (!dstar) return '';
  return dstar.my.trim() || 'MY is empty';
}
