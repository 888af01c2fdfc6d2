/** JSON Schema parts of what a plan stores about P25. Ranges as in `limits.ts`. */
import { exact, type ModeSchemas, NAME, nullOr, RECALL, ref, table, whole } from '../../schema-parts';
import { GROUP_ALL, GROUP_MAX, NAC_MAX, SPECIAL_NAMES } from './limits';

const nac = whole(0, NAC_MAX);
const group = whole(1, GROUP_MAX);

export const schemas: ModeSchemas = {
  // What is typed here may be out of range: a check says so, and nothing typed is lost.
  radio: exact({ unitId: nullOr(whole(0, 999_999_999)) }),
  site: exact({ nac: nullOr(nac), networkIds: { type: 'array', maxItems: 100, items: ref('id') } }),
  channel: exact({ nac, nacRx: nac, group: whole(0, GROUP_ALL) }),
  network: {
    groups: table(ref('p25Group')),
    special: exact(Object.fromEntries(SPECIAL_NAMES.map((special) => [special, nullOr(group)]))),
  },
  profile: exact({ startGroup: nullOr(group) }),
  codeplug: exact({}),
  shared: exact({}),
  destinations: [
    { kind: { const: 'local' } },
    { kind: { const: 'group' }, networkId: ref('id'), groupId: ref('id') },
    { kind: { const: 'special' }, networkId: ref('id'), special: { enum: SPECIAL_NAMES } },
    RECALL,
  ],
  defs: { p25Group: exact({ id: ref('id'), number: group, name: NAME }) },
};
