import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import type { RouteRule } from '../../../plan/modes/dmr/types';
import type { Id } from '../../../plan/types';
import type { PlanIndex } from '../../../path/types';
import { clashes } from '../routes/claims';
import { before, isSoundOrder, moveBefore, removeRule, rulePointer, type RulesAt } from '../routes/mend';
import { claimOf, type RouteTable } from '../routes/table';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

/** Whether a network would be left without any rule for private calls. */
function isLastForPrivate(rules: readonly RouteRule[], rule: RouteRule): boolean {
  return (
    rule.call === 'private' &&
    !rules.some((one) => one !== rule && one.call === 'private' && one.networkId === rule.networkId)
  );
}

/** The press that lets the rule in front end before this one, where that leads no call elsewhere. */
function shortened(
  index: PlanIndex,
  siteId: Id,
  table: RouteTable,
  at: RulesAt,
  rule: RouteRule,
  by: readonly RouteRule[],
) {
  const [front, ...more] = by;
  const count = rule.range && front?.range ? rule.range.first - front.range.first : 0;
  if (!front?.range || more.length > 0 || count < 1) return [];
  const rules = table.rules.map((one) => (one === front ? { ...front, range: { ...front.range!, count } } : one));
  if (!isSoundOrder(index, siteId, table, rules)) return [];
  return [{ id: 'shorten' as const, patches: [set(rulePointer(at, front, 'range', 'count'), count)] }];
}

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
  fixes: { move: 'Move it before {first}', remove: 'Remove it', shorten: 'Let {first} end before it' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      // A catch-all that comes too early, or twice, is told by checks of its own.
      for (const { rule, by, wholly } of clashes(table.rules)) {
        if (!wholly) continue;
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
            // Only where that makes it the exception that it should be, and leads no channel elsewhere.
            ...(isSoundOrder(index, site.id, table, before(table.rules, rule, by[0]!))
              ? [{ id: 'move' as const, patches: moveBefore(at, profile, rule, by[0]!) }]
              : []),
            ...(isLastForPrivate(table.rules, rule)
              ? shortened(index, site.id, table, at, rule, by)
              : [{ id: 'remove' as const, patches: removeRule(at, profile, rule) }]),
          ],
        });
      }
    });
  },
});
