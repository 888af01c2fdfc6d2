import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { ADDRESS_MAX, TRANSLATED_MAX } from '../../../plan/modes/dmr/limits';
import { rulePointer } from '../routes/mend';
import { ruleWords, stretchWords } from '../routes/words';
import type { RuleRange } from '../../../plan/modes/dmr/types';
import { eachRouted } from './each-routed';

/** A prefix carries six digits; a rule that passes numbers as they are may go as far as addresses do. */
function endOf({ first, networkFirst }: RuleRange): number {
  return first === networkFirst || networkFirst > TRANSLATED_MAX ? ADDRESS_MAX : TRANSLATED_MAX;
}

export const rangeOverNetworkEnd = defineCheck({
  id: 'range-over-network-end',
  severity: 'doubtful',
  title: 'Route rule that runs over the network’s end',
  docs: {
    summary: 'A rule leads to numbers that the network does not have.',
    why: 'The last numbers of the rule belong to the next prefix, or to nobody.',
    remedy: 'Let a prefix end at the network’s 999,999.',
    source: { kind: 'common practice', name: 'a prefix leaves six digits: 1 to 999,999' },
  },
  messages: { over: '{rule} of {site} leads to {network} {there}; expected at most {end}.' },
  fixes: { shorten: 'Shorten it to {count} numbers' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const rule of table.rules) {
        const { range } = rule;
        if (!range) continue;
        const end = endOf(range);
        const last = range.networkFirst + range.count - 1;
        if (last <= end) continue;
        const count = end - range.networkFirst + 1;
        const data = {
          rule: ruleWords(profile, rule),
          site: site.name,
          network: index.plan.networks.byId[rule.networkId]!.name,
          there: stretchWords({ first: range.networkFirst, last }),
          end: end.toLocaleString('en'),
          count: count.toLocaleString('en'),
        };
        const fixes =
          count > 0 ? [{ id: 'shorten' as const, patches: [set(rulePointer(at, rule, 'range', 'count'), count)] }] : [];
        report({
          message: 'over',
          data,
          pointer: rulePointer(at, rule, 'range'),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes,
        });
      }
    });
  },
});
