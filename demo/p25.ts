/** P25 on the Ostrey Isles: an invented network, a repeater with an access code of its own, a portable. */
import { newNetwork, newRadio, newRepeater, NO_LISTING } from '@relay/core/plan/create';
import type { Recipe } from '@relay/core/plan/edit';
import { putRow, tableOf } from '@relay/core/plan/table';
import type { Destination } from '@relay/core/plan/types';

const GROUPS: readonly (readonly [number, string])[] = [
  [4170, 'Quay Watch'],
  [5880, 'All Isles'],
  [5910, 'Ferry Lane'],
  [7130, 'Storm Watch'],
];

export const withP25: Recipe = (plan) => {
  const foghorn = newNetwork('p25', 'foghorn', 'Foghorn');
  putRow(plan.networks, {
    ...foghorn,
    groups: tableOf(GROUPS.map(([number, name]) => ({ id: `g${number}`, number, name }))),
    special: { ...foghorn.special, echo: 9991 },
  });
  plan.sites.byId['home']!.p25 = { nac: 0x293, networkIds: ['foghorn'] };
  const hill = newRepeater('hill', 'Tarn Hill', 438_400_000, 430_800_000, {
    ...NO_LISTING,
    callSign: 'QO1TRN',
    module: 'B',
    place: 'Tarn',
    position: { lat: 46.8, lon: -33.3 },
    status: 'on the air',
    confirmedOn: '2026-10-20',
    list: { name: 'Isles club', issuedOn: '2026-10-01' },
  });
  hill.p25 = { nac: 0x2a1, networkIds: ['foghorn'] };
  putRow(plan.sites, hill);
  putRow(plan.radios, { ...newRadio('portable', 'Portable', []), p25: { unitId: plan.station.dmrId } });
  const want = (id: string, destination: Destination, siteId: string) =>
    putRow(plan.wants, { id: `w-${id}`, destination, radioId: 'portable', siteId });
  want('p25-quay', { mode: 'p25', kind: 'group', networkId: 'foghorn', groupId: 'g4170' }, 'home');
  want('p25-all', { mode: 'p25', kind: 'group', networkId: 'foghorn', groupId: 'g5880' }, 'home');
  want('p25-echo', { mode: 'p25', kind: 'special', networkId: 'foghorn', special: 'echo' }, 'home');
  want('p25-storm', { mode: 'p25', kind: 'group', networkId: 'foghorn', groupId: 'g7130' }, 'hill');
};
