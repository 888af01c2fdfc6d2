/** What a radio, a site or a network has of DMR before anything was said of it. */
import type { ModeBlanks } from '../../mode-data';
import { emptyTable } from '../../table';
import type { NetworkLogin } from './types';

/** A login that is off, without server, suffix and password. */
export function newLogin(): NetworkLogin {
  return { enabled: true, serverId: null, suffix: null, password: '', staticGroupIds: [] };
}

export const blanks: ModeBlanks<'dmr'> = {
  radio: ({ dmrId }) => ({ id: dmrId, hearsOwnGroup: true, admits: null }),
  /** Color code 1 is what most hotspots have; of a repeater nobody has said anything yet. */
  site: (_plan, { kind }) => ({
    colorCode: kind === 'repeater' ? null : 1,
    carries: kind === 'repeater' ? { networkId: null, groups: [], takesOthers: null } : null,
  }),
  profile: () => ({ selection: 'one', rules: emptyTable(), logins: {} }),
  profileParts: { logins: () => ({ ...newLogin(), enabled: false }) },
  codeplug: () => ({ contacts: emptyTable(), receiveLists: emptyTable() }),
  shared: () => ({}),
  /**
   * Unlink 4000, echo 9990 by private call, position reports to the country code followed by 999, ten minutes until a
   * dynamic group is dropped: common practice; networks differ, so they are settings. No number for status is common.
   */
  network(id, name, { station: { dmrId } }) {
    const country = dmrId === null ? '' : String(dmrId).slice(0, 3);
    return {
      id,
      name,
      mode: 'dmr',
      servers: emptyTable(),
      groups: emptyTable(),
      special: {
        unlink: { number: 4000, kind: 'group' },
        echo: { number: 9990, kind: 'private' },
        status: null,
        position: country.length === 3 ? { number: Number(`${country}999`), kind: 'group' } : null,
      },
      dynamicTimerMin: 10,
      personalGroups: true,
      direct: null,
    };
  },
};
