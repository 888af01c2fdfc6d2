import { checkMembers, checkOrder, type Found, type ModeReferences } from '../../plan/broken';
import { hotspotsOf } from '../../plan/sites';
import { removeRow, rows } from '../../plan/table';
import type { Id, Plan, Profile } from '../../plan/types';

function checkProfile(plan: Plan, siteId: Id, profile: Profile, found: Found): void {
  const { rules } = profile.dmr;
  checkOrder(found, ['profiles', siteId, 'dmr', 'rules'], (draft) => draft.profiles[siteId]!.dmr.rules, rules);
  for (const rule of rows(rules)) {
    if (plan.networks.byId[rule.networkId]?.mode !== 'dmr') found(['profiles', siteId, 'dmr', 'rules', 'byId', rule.id, 'networkId'], rule.networkId, (draft) => removeRow(draft.profiles[siteId]!.dmr.rules, rule.id));
  }
  for (const [networkId, login] of Object.entries(profile.dmr.logins)) {
    const at = ['profiles', siteId, 'dmr', 'logins', networkId];
    const network = plan.networks.byId[networkId];
    if (network?.mode !== 'dmr') {
      found(at, networkId, (draft) => delete draft.profiles[siteId]!.dmr.logins[networkId]);
      continue;
    }
    const draftOf = (draft: Plan) => draft.profiles[siteId]!.dmr.logins[networkId]!;
    if (login.serverId !== null && !(login.serverId in network.servers.byId)) found([...at, 'serverId'], login.serverId, (draft) => (draftOf(draft).serverId = null));
    checkMembers(found, [...at, 'staticGroupIds'], login.staticGroupIds, (id) => id in network.groups.byId, (draft, kept) => (draftOf(draft).staticGroupIds = kept));
  }
}

/** A repeater whose network goes carries nothing that is known; logins and route rules go with their network. */
export const references: ModeReferences<'dmr'> = {
  tables: (network) => [['groups', network.groups], ['servers', network.servers]],
  holds: (network, destination) => (destination.kind === 'group' ? destination.groupId in network.groups.byId : destination.kind === 'special' && network.special[destination.special] !== null),
  broken(plan, found) {
    for (const site of rows(plan.sites)) {
      const networkId = site.dmr?.carries?.networkId ?? null;
      if (networkId !== null && plan.networks.byId[networkId]?.mode !== 'dmr') found(['sites', 'byId', site.id, 'dmr', 'carries', 'networkId'], networkId, (draft) => (draft.sites.byId[site.id]!.dmr!.carries!.networkId = null));
    }
    for (const { id } of hotspotsOf(plan)) {
      const profile = plan.profiles[id];
      if (profile) checkProfile(plan, id, profile, found);
    }
  },
};
