import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import { SIMPLEX_SLOT } from '../../../plan/modes/dmr/limits';
import { common } from '../routes/claims';
import { removeRule, rulePointer } from '../routes/mend';
import { claimOf } from '../routes/table';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const ruleOnUnheardSlot = defineCheck({
  id: 'rule-on-unheard-slot',
  severity: 'doubtful',
  title: 'Route rule for a slot that the hotspot never hears',
  docs: {
    summary: 'A rule of a simplex hotspot takes calls on slot 1.',
    why: 'A simplex hotspot hears slot 2 only: the rule never takes a call, and what it was meant for goes elsewhere or nowhere.',
    remedy: 'Set the rule to slot 2, or remove it.',
    source: { kind: 'common practice', name: 'a simplex hotspot is heard on slot 2 only' },
  },
  messages: {
    unheard: '{rule} of {site}, {kind} {claim}, is for slot {has}; a simplex hotspot hears slot {expects} only.',
  },
  fixes: { set: 'Set it to slot {expects}', remove: 'Remove it' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      if (site.rxHz !== site.txHz) return;
      for (const rule of table.rules) {
        const { range } = rule;
        if (!range || range.slot === SIMPLEX_SLOT) continue;
        // On the other slot its numbers may have a rule already: then there is nothing to set.
        const free = !table.rules.some(
          (other) =>
            other.range?.slot === SIMPLEX_SLOT &&
            other.call === rule.call &&
            common(claimOf(rule), claimOf(other)) !== null,
        );
        const slots = [
          set(rulePointer(at, rule, 'range', 'slot'), SIMPLEX_SLOT),
          // A simplex hotspot has one slot towards its networks too.
          set(rulePointer(at, rule, 'range', 'networkSlot'), SIMPLEX_SLOT),
        ];
        report({
          message: 'unheard',
          data: {
            rule: ruleWords(profile, rule),
            site: site.name,
            kind: rule.call,
            claim: stretchWords(claimOf(rule)),
            has: range.slot,
            expects: SIMPLEX_SLOT,
          },
          pointer: rulePointer(at, rule, 'range', 'slot'),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [
            ...(free ? [{ id: 'set' as const, patches: slots }] : []),
            { id: 'remove', patches: removeRule(at, profile, rule) },
          ],
        });
      }
    });
  },
});
