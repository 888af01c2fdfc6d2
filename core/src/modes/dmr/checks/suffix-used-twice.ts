import { defineCheck } from '../../../checks/check';
import { eachProfile, set } from '../../../checks/walk';
import { freeSuffix } from '../login';

export const suffixUsedTwice = defineCheck({
  id: 'suffix-used-twice',
  severity: 'broken',
  title: 'Hotspot suffix used twice',
  docs: {
    summary: 'Two hotspots log in to a network with the same suffix.',
    why: 'The network takes them for one device and drops them in turn.',
    remedy: 'Give each hotspot a suffix of its own.',
    source: { kind: 'common practice', name: 'suffixes are unique among an owner’s devices' },
  },
  messages: { twice: '{site} uses suffix {has} on {network}, as {other} does; expected one of its own.' },
  fixes: { set: 'Set {site} to {expects}' },
  check(index, report) {
    const owner = new Map<string, string>();
    eachProfile(index.plan, (site, profile, at) => {
      for (const [networkId, login] of Object.entries(profile.dmr.logins).sort(([a], [b]) => (a < b ? -1 : 1))) {
        if (!login.enabled || login.suffix === null) continue;
        const key = `${networkId}/${login.suffix}`;
        const other = owner.get(key);
        if (other === undefined) {
          owner.set(key, site.name);
          continue;
        }
        const pointer = at('dmr', 'logins', networkId, 'suffix');
        const free = freeSuffix(index.plan, site.id);
        const two = (suffix: number) => String(suffix).padStart(2, '0');
        const fixes =
          free === null
            ? []
            : [{ id: 'set' as const, data: { site: site.name, expects: two(free) }, patches: [set(pointer, free)] }];
        report({
          message: 'twice',
          data: { site: site.name, other, has: two(login.suffix), network: index.plan.networks.byId[networkId]!.name },
          pointer,
          subject: { siteId: site.id, networkId },
          fixes,
        });
      }
    });
  },
});
