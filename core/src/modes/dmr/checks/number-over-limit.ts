import { defineCheck } from '../../../checks/check';
import { type At, set } from '../../../checks/walk';
import type { ProfileValues } from '../../../plan/types';
import type { RouteRule } from '../../../plan/modes/dmr/types';
import { common } from '../routes/claims';
import { ADDRESS_MAX } from '../../../plan/modes/dmr/limits';
import { mirrored, removeRule, rulePointer } from '../routes/mend';
import { claimOf, type RouteTable } from '../routes/table';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

/** A rule of which nothing can be called takes the numbers of its twin for the other kind of call; without one it goes. */
function overMend(at: At, profile: ProfileValues, table: RouteTable, rule: RouteRule) {
  const twin = mirrored(table, profile, rule.networkId, rule.call);
  const isFree = (one: RouteRule) =>
    !table.rules.some(
      (other) =>
        other !== rule && other.range && other.call === one.call && common(claimOf(one), claimOf(other)) !== null,
    );
  return twin && claimOf(twin).last <= ADDRESS_MAX && isFree(twin)
    ? { id: 'like' as const, patches: [set(rulePointer(at, rule, 'range'), twin.range)] }
    : { id: 'remove' as const, patches: removeRule(at, profile, rule) };
}

export const numberOverLimit = defineCheck({
  id: 'number-over-limit',
  severity: 'broken',
  title: 'Route rule with numbers that no radio can send',
  docs: {
    summary: 'A rule claims numbers above 16,776,415 on the radio side.',
    why: 'An address has 24 bits, and the topmost are reserved: such a number cannot be called.',
    remedy: 'Use prefixes 1 to 15: they leave six digits free; 16 only in part, 17 and up nothing.',
    source: { kind: 'published', name: 'ETSI TS 102 361-1, Annex A (bounds from memory)' },
  },
  messages: { over: '{rule} of {site} claims {claim}; radios call up to 16,776,415.' },
  fixes: {
    shorten: 'Shorten it to {count} numbers',
    like: 'Let it take the numbers that the other kind of call takes',
    remove: 'Remove it',
  },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const rule of table.rules) {
        if (!rule.range || claimOf(rule).last <= ADDRESS_MAX) continue;
        const count = ADDRESS_MAX - rule.range.first + 1;
        const data = {
          rule: ruleWords(profile, rule),
          site: site.name,
          claim: stretchWords(claimOf(rule)),
          count: count.toLocaleString('en'),
        };
        const fix =
          count > 0
            ? { id: 'shorten' as const, patches: [set(rulePointer(at, rule, 'range', 'count'), count)] }
            : overMend(at, profile, table, rule);
        report({
          message: 'over',
          data,
          pointer: rulePointer(at, rule, 'range'),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [fix],
        });
      }
    });
  },
});
