import { defineCheck } from '../../../checks/check';
import { SPECIAL_TITLES } from '../links';
import { SPECIAL_NAMES } from '../../../plan/modes/dmr/limits';
import { addRule, mirrored, placeForRange, rulesPointer } from '../routes/mend';
import { eachRouted } from './each-routed';
import { dmrNetworks } from '../networks';

export const privateRuleMissing = defineCheck({
  id: 'private-rule-missing',
  severity: 'doubtful',
  title: 'No rule carries private calls to a network',
  docs: {
    summary: 'A network has rules for groups, but none for private calls.',
    why: 'Numbers that are called privately, such as unlink and echo, never arrive there.',
    remedy: 'Add a rule for private calls with the same numbers as for groups.',
    source: { kind: 'common practice', name: 'the same prefix for private calls' },
  },
  messages: { missing: '{site} has no rule for private calls to {network}: {specials} cannot pass.' },
  fixes: { add: 'Add the private rule' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const network of dmrNetworks(index.plan)) {
        if (!table.networkIds.includes(network.id)) continue;
        const mine = table.rules.filter((rule) => rule.networkId === network.id);
        if (mine.length === 0 || mine.some((rule) => rule.call === 'private')) continue;
        const specials = SPECIAL_NAMES.filter((name) => network.special[name]?.kind === 'private').map((name) =>
          SPECIAL_TITLES[name].toLowerCase(),
        );
        if (specials.length === 0) continue;
        const rule = mirrored(table, profile, network.id, 'private');
        const fixes = rule ? [{ id: 'add' as const, patches: addRule(at, profile, rule, placeForRange(profile)) }] : [];
        report({
          message: 'missing',
          data: { site: site.name, network: network.name, specials: specials.join(' and ') },
          pointer: rulesPointer(at),
          subject: { siteId: site.id, networkId: network.id },
          fixes,
        });
      }
    });
  },
});
