/**
 * The station that scenarios are rehearsed with: the demo with every mode, a second person’s radio, and a DMR repeater
 * that carries some groups and takes up others.
 */
import { newRadio, newRepeater, NO_LISTING } from '@relay/core/plan/create';
import { edit } from '@relay/core/plan/edit';
import { putRow, rows } from '@relay/core/plan/table';
import type { Destination, Plan } from '@relay/core/plan/types';
import { carryOut } from '@relay/core/registries/builder';
import { DEMO_PLANS } from './ostrey-isles';

const group = (plan: Plan, number: number): Destination => {
  const network = plan.networks.byId['lantern']!;
  if (network.mode !== 'dmr') throw new Error('Lantern is a network of DMR');
  const groupId = rows(network.groups).find((one) => one.number === number)!.id;
  return { mode: 'dmr', kind: 'group', networkId: 'lantern', groupId };
};

/** Built anew at each call. */
export function practicePlan(): Plan {
  const furnished = edit(DEMO_PLANS['all-modes']!(), (plan) => {
    plan.name = 'Ostrey Isles · practice';
    putRow(plan.radios, {
      ...newRadio('mate', 'Mate’s handheld', ['dmr']),
      dmr: { id: 9_992_417, hearsOwnGroup: false, admits: null },
      dstar: { my: 'QO3VES', suffix: 'MATE', siteList: null },
    });
    const head = newRepeater('head', 'Merrin Head', 438_600_000, 431_000_000, {
      ...NO_LISTING,
      callSign: 'QO1MHD',
      place: 'Merrin Head',
      status: 'on the air',
    });
    putRow(plan.sites, {
      ...head,
      dmr: {
        colorCode: 3,
        carries: {
          networkId: 'lantern',
          groups: [
            { slot: 2, number: 417, static: true },
            { slot: 1, number: 588, static: true },
            { slot: 1, number: 599, static: false },
          ],
          takesOthers: true,
        },
      },
    });
    const want = (radioId: string, siteId: string, id: string, destination: Destination) =>
      putRow(plan.wants, { id: `w-${id}`, destination, radioId, siteId });
    want('mate', 'home', 'mate-417', group(plan, 417));
    want('mate', 'home', 'mate-588', group(plan, 588));
    want('mate', 'quay', 'mate-quay', { mode: 'dstar', kind: 'local' });
    want('mate', 'head', 'mate-head-588', group(plan, 588));
    want('handheld', 'head', 'head-417', group(plan, 417));
    want('handheld', 'head', 'head-599', group(plan, 599));
  }).plan;
  return edit(
    furnished,
    carryOut(() => true),
  ).plan;
}
