import { defineCheck } from '../../../checks/check';
import { shadows } from '../routes/claims';
import { moveBefore, rulePointer } from '../routes/mend';
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
  fixes: { move: 'Move it before {first}' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const { rule, by, taken, wholly } of shadows(table.rules)) {
        if (wholly || rule.range === null || by.some((one) => one.range === null || one.networkId !== rule.networkId))
          continue;
        const words = (one: typeof rule) => ruleWords(profile, one);
        report({
          message: 'partly',
          data: {
            rule: words(rule),
            site: site.name,
            kind: rule.call,
            claim: stretchWords(claimOf(rule)),
            taken: taken.map(stretchWords).join(', '),
            by: by.map(words).join(' and '),
            first: words(by[0]!),
          },
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [{ id: 'move', patches: moveBefore(at, profile, rule, by[0]!) }],
        });
      }
    });
  },
});
