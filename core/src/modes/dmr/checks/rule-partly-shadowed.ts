import { defineCheck } from '../../../checks/check';
import { clashes } from '../routes/claims';
import { rulePointer, trimFixes } from '../routes/mend';
import { claimOf } from '../routes/table';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const rulePartlyShadowed = defineCheck({
  id: 'rule-partly-shadowed',
  severity: 'doubtful',
  title: 'Route rule that loses part of its numbers',
  docs: {
    summary: 'An earlier rule to the same network claims part of a later one’s numbers.',
    why: 'Those numbers come out elsewhere on the network than the later rule says.',
    remedy: 'Let the two claim different numbers, or put the one that is meant to win first.',
    source: { kind: 'common practice', name: 'route rules: the first match wins' },
  },
  messages: { partly: '{rule} of {site}, {kind} {claim}, loses {taken} to {by}.' },
  fixes: { trim: 'Leave them to {by}: claim {rest}' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const { rule, by, taken, wholly } of clashes(table.rules)) {
        if (wholly || by.some((one) => one.networkId !== rule.networkId)) continue;
        const words = (one: typeof rule) => ruleWords(profile, one);
        const data = {
          rule: words(rule),
          site: site.name,
          kind: rule.call,
          claim: stretchWords(claimOf(rule)),
          taken: taken.map(stretchWords).join(', '),
          by: by.map(words).join(' and '),
        };
        report({
          message: 'partly',
          data,
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: trimFixes(at, rule, by, data),
        });
      }
    });
  },
});
