/** JSON Schema parts of what a plan stores about P25. Ranges as in `limits.ts`. */
import { exact, NAME, nullOr, ref, type Schema, table, whole } from '../../plan/schema-parts';
import { GROUP_ALL, GROUP_MAX, NAC_MAX, SPECIAL_NAMES } from './limits';

export function p25Schemas(): { network: Record<string, Schema>; destinations: Schema[]; defs: Record<string, Schema> } {
  const nac = whole(0, NAC_MAX);
  const group = whole(1, GROUP_MAX);
  return {
    network: { groups: table(ref('p25Group')), special: exact(Object.fromEntries(SPECIAL_NAMES.map((special) => [special, nullOr(group)]))) },
    destinations: [
      exact({ kind: { const: 'p25-group' }, networkId: ref('id'), groupId: ref('id') }),
      exact({ kind: { const: 'p25-special' }, networkId: ref('id'), special: { enum: SPECIAL_NAMES } }),
    ],
    defs: {
      // What is typed here may be out of range: a check says so, and nothing typed is lost.
      p25Radio: exact({ unitId: nullOr(whole(0, 999_999_999)) }),
      p25Site: exact({ nac, networkIds: { type: 'array', maxItems: 100, items: ref('id') } }),
      p25Channel: exact({ nac, nacRx: nac, group: whole(0, GROUP_ALL) }),
      p25Profile: exact({ startGroup: nullOr(group) }),
      p25Group: exact({ id: ref('id'), number: group, name: NAME }),
    },
  };
}
