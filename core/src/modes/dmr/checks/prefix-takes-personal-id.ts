import { defineCheck } from '../../../checks/check';
import { recipePatches } from '../../../plan/recipe-patches';
import { formatId } from '../addresses';
import { changePrefix, idsInUse, planPrefixes, prefixOf } from '../routes/prefixes';
import { rulePointer } from '../routes/mend';
import { claimOf, matchingRule, outThrough } from '../routes/table';
import { ruleWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const prefixTakesPersonalId = defineCheck({
  id: 'prefix-takes-personal-id',
  severity: 'doubtful',
  title: 'A prefix takes a personal ID apart',
  docs: {
    summary: 'A 7-digit ID that is in use lies among the numbers that a rule translates.',
    why: 'Used as a group, the ID loses its first digit: the call comes out in some other group of that network.',
    remedy:
      'Give the network a prefix that no ID begins with: 1, 8 and 9 collide with no country’s code; look at the IDs really in use.',
    source: { kind: 'published', name: 'ITU-T E.212 (country codes begin with 2 to 7)' },
  },
  messages: { taken: '{where}, {id}, lies in {rule} of {site}: as a group it goes to {network} {number} instead.' },
  fixes: { prefix: 'Give {network} prefix {prefix} and renumber its channels' },
  check(index, report) {
    const { plan } = index;
    let ids: Map<number, string> | null = null;
    eachRouted(index, (site, profile, table, at) => {
      for (const rule of table.rules) {
        if (rule.call !== 'group' || !rule.range || rule.range.first === rule.range.networkFirst) continue;
        ids ??= idsInUse(plan);
        const { slot } = rule.range;
        const { first, last } = claimOf(rule);
        // An exception before the range takes its number whole; only what reaches this rule is taken apart by it.
        const found = [...ids].find(
          ([number]) =>
            number >= first && number <= last && matchingRule(table, { kind: 'group', slot, number })?.id === rule.id,
        );
        if (!found) continue;
        const [id, where] = found;
        const number = outThrough(rule, { kind: 'group', slot, number: id }).number;
        const data = {
          where,
          id: formatId(id),
          rule: ruleWords(profile, rule),
          site: site.name,
          network: plan.networks.byId[rule.networkId]!.name,
          number,
        };
        const prefix =
          prefixOf([rule], rule.networkId) === null
            ? undefined
            : planPrefixes(
                plan,
                [rule.networkId],
                table.rules.filter((one) => one.networkId !== rule.networkId),
              ).prefixes[0]?.prefix;
        const fixes =
          prefix === undefined
            ? []
            : [
                {
                  id: 'prefix' as const,
                  data: { ...data, prefix },
                  patches: recipePatches(index.whole(), (draft) =>
                    changePrefix(draft, site.id, rule.networkId, prefix),
                  ),
                },
              ];
        report({
          message: 'taken',
          data,
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes,
        });
      }
    });
  },
});
