/** What a radio, a site or a network has of P25 before anything was said of it. */
import type { ModeBlanks } from '../../mode-data';
import { networksOf } from '../../networks';
import { hotspotsOf } from '../../sites';
import { emptyTable } from '../../table';
import { NAC_DEFAULT, UNLINK_GROUP } from './limits';

export const blanks: ModeBlanks<'p25'> = {
  /** Networks take the ID that is used for DMR. */
  radio: ({ dmrId }) => ({ unitId: dmrId }),
  /** Where there is one network, a hotspot reaches it. Of a repeater nobody has said anything yet. */
  site(plan, site) {
    const networks = networksOf(plan, 'p25');
    if (site.kind === 'repeater') return { nac: null, networkIds: [] };
    return { nac: NAC_DEFAULT, networkIds: networks.length === 1 ? [networks[0]!.id] : [] };
  },
  profile: () => ({ startGroup: null }),
  codeplug: () => ({}),
  shared: () => ({}),
  /** Without groups yet; 9999 unlinks, and no number for echo is common. */
  network: (id, name) => ({
    id,
    name,
    mode: 'p25',
    groups: emptyTable(),
    special: { unlink: UNLINK_GROUP, echo: null },
  }),
  networkAdded(plan, networkId) {
    for (const { p25 } of hotspotsOf(plan)) if (p25?.networkIds.length === 0) p25.networkIds.push(networkId);
  },
};
