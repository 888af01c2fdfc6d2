/** The sample with a second network through the same hotspot: Lantern with prefix 1 and the catch-all, Causeway with prefix 8. */
import { newLogin } from '../plan/modes/dmr/blanks';
import { profileOf } from './profile-of';
import { carryOut } from '../registries/builder';
import { acceptRouting, proposeRouting } from '../modes/dmr/routes/prefixes';
import { newNetwork, newServer } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow, tableOf } from '../plan/table';
import type { Plan } from '../plan/types';
import type { RouteRule, TalkGroup } from '../plan/modes/dmr/types';
import { samplePlan } from './sample-plan';
import { dmrNetwork } from '../modes/dmr/networks';

/** A second network whose login is not on yet. */
export const causeway: Recipe = (plan) => {
  putRow(plan.networks, {
    ...newNetwork('dmr', 'n2', 'Causeway'),
    servers: tableOf([newServer('srv', 'Dunsel', 'dunsel.causeway.example')]),
    groups: tableOf<TalkGroup>([
      { id: 'k1', name: 'Harbour', number: 417, category: 'local' },
      { id: 'k2', name: 'Ferry Crew', number: 623, category: 'region' },
    ]),
  });
  profileOf(plan, 's1').dmr.logins['n2'] = {
    ...newLogin(),
    enabled: false,
    serverId: 'srv',
    suffix: 3,
    password: 'practice',
  };
};

/** Both networks on, rules planned, channels renumbered, Harbour and its unlink wanted and built. */
export const bothNetworks: Recipe = (plan) => {
  causeway(plan);
  dmrNetwork(plan, 'n1')!.special.unlink = { number: 4000, kind: 'private' };
  acceptRouting(plan, 's1', ['n1', 'n2'], proposeRouting(plan, 's1', ['n1', 'n2']));
  for (const groupId of ['k1', 'k2'])
    putRow(plan.wants, {
      id: `w-${groupId}`,
      destination: { mode: 'dmr', kind: 'group', networkId: 'n2', groupId },
      radioId: 'r1',
      siteId: 's1',
    });
  putRow(plan.wants, {
    id: 'w-unlink',
    destination: { mode: 'dmr', kind: 'special', networkId: 'n1', special: 'unlink' },
    radioId: 'r1',
    siteId: 's1',
  });
};

export function routedPlan(change: Recipe = () => undefined): Plan {
  return edit(edit(edit(samplePlan(), bothNetworks).plan, carryOut()).plan, change).plan;
}

export function ruleOf(plan: Plan, id: string): RouteRule {
  return profileOf(plan, 's1').dmr.rules.byId[id]!;
}

/** Puts a rule for groups at a place in the order, from 0. */
export function putGroupRule(
  plan: Plan,
  at: number,
  id: string,
  networkId: string,
  first: number,
  count: number,
  networkFirst = first % 1_000_000,
): void {
  const { rules } = profileOf(plan, 's1').dmr;
  rules.byId[id] = {
    id,
    networkId,
    call: 'group',
    range: { slot: 2, first, networkSlot: 2, networkFirst, count },
    reply: true,
  };
  rules.order.splice(at, 0, id);
}
