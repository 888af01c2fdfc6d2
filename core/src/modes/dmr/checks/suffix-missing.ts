import { defineCheck } from '../../../checks/check';
import { eachProfile, set } from '../../../checks/walk';
import { freeSuffix } from '../login';
import { dmrNetwork } from '../networks';

export const suffixMissing = defineCheck({
  id: 'suffix-missing',
  severity: 'broken',
  title: 'Hotspot suffix missing',
  fact: 'suffix',
  docs: {
    summary: 'A hotspot logs in without the two digits that set it apart.',
    why: 'The network takes two devices with the same login for one, and drops them in turn.',
    remedy: 'Give each hotspot a suffix of its own from 01 to 99.',
    source: { kind: 'common practice', name: '7-digit ID and 2-digit suffix at login' },
  },
  messages: { missing: '{site} has no suffix for {network}; expected 01 to 99.' },
  fixes: { set: 'Set it to {expects}' },
  check(index, report) {
    eachProfile(index.plan, (site, profile, at) => {
      for (const [networkId, login] of Object.entries(profile.dmr.logins).sort(([a], [b]) => (a < b ? -1 : 1))) {
        // The ends of a direct link have no suffix.
        if (!login.enabled || login.suffix !== null || dmrNetwork(index.plan, networkId)?.direct) continue;
        const pointer = at('dmr', 'logins', networkId, 'suffix');
        const free = freeSuffix(index.plan, site.id);
        const fixes =
          free === null
            ? []
            : [{ id: 'set' as const, data: { expects: String(free).padStart(2, '0') }, patches: [set(pointer, free)] }];
        report({
          message: 'missing',
          data: { site: site.name, network: index.plan.networks.byId[networkId]!.name },
          pointer,
          subject: { siteId: site.id, networkId },
          fixes,
        });
      }
    });
  },
});
