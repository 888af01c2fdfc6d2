import { defineCheck } from '../../../checks/check';
import { eachProfile, set } from '../../../checks/walk';
import { dmrNetwork } from '../networks';

export const staticGroupInStandby = defineCheck({
  id: 'static-group-in-standby',
  severity: 'doubtful',
  title: 'Static group on a hotspot in standby',
  docs: {
    summary: 'A hotspot that should stay silent until someone keys up has static groups.',
    why: 'Traffic of a static group wakes it, and holds it in that mode while other calls wait.',
    remedy: 'Give up the static groups, or the standby. Groups are taken up when you key them.',
    source: { kind: 'common practice', name: 'standby: all networks up, nothing linked' },
  },
  messages: { awake: '{site} is in standby, yet {groups} on {network} {verb} static.' },
  fixes: { none: 'Make {them} dynamic', leave: 'Leave standby' },
  check(index, report) {
    eachProfile(index.plan, (site, profile, at) => {
      if (!profile.standby) return;
      for (const [networkId, login] of Object.entries(profile.dmr.logins).sort(([a], [b]) => (a < b ? -1 : 1))) {
        const network = dmrNetwork(index.plan, networkId)!;
        const names = login.staticGroupIds.map((id) => network.groups.byId[id]!.name);
        if (!login.enabled || names.length === 0) continue;
        const pointer = at('dmr', 'logins', networkId, 'staticGroupIds');
        const data = {
          site: site.name,
          groups: names.join(' and '),
          network: network.name,
          verb: names.length === 1 ? 'is' : 'are',
          them: names.length === 1 ? 'it' : 'them',
        };
        report({
          message: 'awake',
          data,
          pointer,
          subject: { siteId: site.id, networkId },
          fixes: [
            { id: 'none', patches: [set(pointer, [])] },
            { id: 'leave', patches: [set(at('standby'), false)] },
          ],
        });
      }
    });
  },
});
