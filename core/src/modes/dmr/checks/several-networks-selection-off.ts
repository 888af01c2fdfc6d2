import { listensFor } from '../../../plan/carriage';
import { defineCheck } from '../../../checks/check';
import { eachProfile, set } from '../../../checks/walk';
import type { PlanIndex } from '../../../path/types';
import type { Id } from '../../../plan/types';
import { routesOf } from '../links';
import { leadsNobodyAstray } from '../routes/mend';

/** Whether rules stand ready for every network that is logged in, and lead no call elsewhere that is led right now. */
function hasRules(index: PlanIndex, siteId: Id): boolean {
  const table = routesOf(index, siteId);
  const { rules, networkIds } = table;
  return (
    networkIds.every((id) => rules.some((rule) => rule.networkId === id)) &&
    leadsNobodyAstray(index, siteId, { ...table, selection: 'several' }, rules)
  );
}

export const severalNetworksSelectionOff = defineCheck({
  id: 'several-networks-selection-off',
  severity: 'doubtful',
  title: 'Several networks on, network selection off',
  docs: {
    summary: 'A hotspot logs in to several networks, but has no rules that choose between them.',
    why: 'Every call goes to the first network; the others are connected and never used.',
    remedy: 'Press “Add a network” under the hotspot’s routes: it plans the rules. Or switch the other logins off.',
    source: { kind: 'common practice', name: 'network selection on for several networks' },
  },
  messages: { off: '{site} is logged in to {networks} with network selection off: every call goes to {first}.' },
  fixes: { several: 'Let its rules choose', one: 'Log in to {first} only' },
  check(index, report) {
    eachProfile(index.plan, (site, profile, at) => {
      const { selection, networkIds } = routesOf(index, site.id);
      if (selection === 'several' || networkIds.length < 2 || !listensFor(profile, 'dmr')) return;
      const nameOf = (id: string) => index.plan.networks.byId[id]!.name;
      const patches = networkIds.slice(1).map((id) => set(at('dmr', 'logins', id, 'enabled'), false));
      report({
        message: 'off',
        data: { site: site.name, networks: networkIds.map(nameOf).join(' and '), first: nameOf(networkIds[0]!) },
        pointer: at('dmr', 'selection'),
        subject: { siteId: site.id },
        fixes: [
          ...(hasRules(index, site.id)
            ? [{ id: 'several' as const, patches: [set(at('dmr', 'selection'), 'several')] }]
            : []),
          { id: 'one', patches },
        ],
      });
    });
  },
});
