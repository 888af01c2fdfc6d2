/** D-STAR on the Ostrey Isles: two invented families of reflectors, a repeater of each kind of gateway, a radio. */
import { newNetwork, newRadio, newRepeater, NO_LISTING } from '@relay/core/plan/create';
import type { Recipe } from '@relay/core/plan/edit';
import { putRow, tableOf } from '@relay/core/plan/table';
import type { Destination, Repeater } from '@relay/core/plan/types';
import type { ListedReflector } from '@relay/core/plan/modes/dstar/types';

const AHEAD_OF_UTC_MIN = -120;

function reflectors(rows: readonly [number, string, string, number][]): {
  reflectors: ReturnType<typeof tableOf<ListedReflector>>;
} {
  return {
    reflectors: tableOf<ListedReflector>(
      rows.map(([number, title, modules, activity]) => ({ id: `r${number}`, number, title, modules, activity })),
    ),
  };
}

function repeater(
  id: string,
  name: string,
  txMHz: number,
  callSign: string,
  position: { lat: number; lon: number },
  families: string[] | null,
): Repeater {
  const site = newRepeater(id, name, Math.round(txMHz * 1e6), Math.round((txMHz - 7.6) * 1e6), {
    ...NO_LISTING,
    callSign,
    module: 'B',
    place: name,
    position,
    status: 'on the air',
    confirmedOn: '2026-10-20',
    list: { name: 'Isles club', issuedOn: '2026-10-01' },
  });
  return { ...site, dstar: { callSign, module: 'B', families, cable: false, utcOffsetMin: AHEAD_OF_UTC_MIN } };
}

export const withDstar: Recipe = (plan) => {
  putRow(plan.networks, {
    ...newNetwork('dstar', 'beacon', 'Beacon'),
    letters: 'LNK',
    ...reflectors([
      [1, 'Isles Evening', 'ABC', 14],
      [4, 'Ferry Watch', 'AB', 6],
      [12, 'Newcomers', 'A', 3],
    ]),
  });
  putRow(plan.networks, {
    ...newNetwork('dstar', 'breaker', 'Breaker'),
    letters: 'WAV',
    ...reflectors([
      [42, 'South Isles', 'AB', 5],
      [7, 'Night Watch', 'C', 2],
    ]),
  });
  Object.assign(plan.sites.byId['home']!, {
    dstar: { callSign: 'QO3VES', module: 'B', families: null, cable: false, utcOffsetMin: AHEAD_OF_UTC_MIN },
  });
  // One gateway of a maker’s own, which reaches one family; one that reaches all.
  putRow(plan.sites, repeater('ridge', 'Merrin Ridge', 438.7, 'QO1MRR', { lat: 46.75, lon: -33.36 }, ['WAV']));
  putRow(plan.sites, repeater('quay', 'Hask Quay', 438.525, 'QO1HQY', { lat: 46.705, lon: -33.41 }, null));
  putRow(plan.radios, {
    ...newRadio('pilot', 'Pilot', ['fm']),
    dstar: { my: 'QO3VES', suffix: 'HAND', siteList: { sites: 1500, groups: 30, nameLength: 16, nearSearch: true } },
  });
  const want = (id: string, destination: Destination, siteId: string) =>
    putRow(plan.wants, { id: `w-${id}`, destination, radioId: 'pilot', siteId });
  want(
    'evening',
    { mode: 'dstar', kind: 'reflector', networkId: 'beacon', reflectorId: 'r1', module: 'C', use: 'talk' },
    'home',
  );
  want(
    'south',
    { mode: 'dstar', kind: 'reflector', networkId: 'breaker', reflectorId: 'r42', module: 'A', use: 'talk' },
    'ridge',
  );
  want(
    'ferry',
    { mode: 'dstar', kind: 'reflector', networkId: 'beacon', reflectorId: 'r4', module: 'A', use: 'talk' },
    'quay',
  );
  want('quay', { mode: 'dstar', kind: 'local' }, 'quay');
  want('area', { mode: 'dstar', kind: 'call-sign', callSign: 'QO1MRR', module: 'B' }, 'quay');
};
