import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { ADDRESS_MAX } from '../../../plan/modes/dmr/limits';
import { removeRule, rulePointer } from '../routes/mend';
import { claimOf } from '../routes/table';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

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
  fixes: { shorten: 'Shorten it to {count} numbers', remove: 'Remove it' },
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
            : { id: 'remove' as const, patches: removeRule(at, profile, rule) };
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
