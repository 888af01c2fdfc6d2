import { defineCheck } from '../../../checks/check';
import { shadows } from '../routes/claims';
import { moveBefore, removeRule, rulePointer } from '../routes/mend';
import { claimOf } from '../routes/table';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const ruleShadowed = defineCheck({
  id: 'rule-shadowed',
  severity: 'doubtful',
  title: 'Route rule that never takes a call',
  docs: {
    summary: 'Earlier rules claim every number of a later one.',
    why: 'The first rule that claims a number takes it, so this one does nothing.',
    remedy: 'Move the rule up if it is meant to win, or remove it.',
    source: { kind: 'common practice', name: 'route rules: the first match wins' },
  },
  messages: {
    shadowed: '{rule} of {site}, {kind} {claim} to {network}, never takes a call: {by} takes its numbers first.',
  },
  fixes: { move: 'Move it before {first}', remove: 'Remove it' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const { rule, by, wholly } of shadows(table.rules)) {
        // A catch-all that comes too early, or twice, is told by checks of its own.
        if (!wholly || rule.range === null || by.some((one) => one.range === null)) continue;
        const words = (one: typeof rule) => ruleWords(profile, one);
        const data = {
          rule: words(rule),
          site: site.name,
          kind: rule.call,
          claim: stretchWords(claimOf(rule)),
          network: index.plan.networks.byId[rule.networkId]!.name,
          by: by.map(words).join(' and '),
          first: words(by[0]!),
        };
        report({
          message: 'shadowed',
          data,
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [
            { id: 'move', patches: moveBefore(at, profile, rule, by[0]!) },
            { id: 'remove', patches: removeRule(at, profile, rule) },
          ],
        });
      }
    });
  },
});
