import { defineCheck } from '../../../checks/check';
import { clashes } from '../routes/claims';
import { rulePointer, trimFixes } from '../routes/mend';
import { ruleWords, stretchWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const networksOverlap = defineCheck({
  id: 'networks-overlap',
  severity: 'doubtful',
  title: 'Two networks claim the same numbers',
  docs: {
    summary: 'Rules to two networks claim some of the same numbers.',
    why: 'Your voice goes to the network of the earlier rule, whichever you mean.',
    remedy: 'Give each network numbers of its own: the prefix planner does it.',
    source: { kind: 'common practice', name: 'a prefix of its own for each network' },
  },
  messages: {
    overlap: 'At {site}, {earlier} and {later} both claim {kind} {taken}; they go to {winner}, never to {loser}.',
  },
  fixes: { trim: 'Leave them to {winner}: claim {rest}' },
  check(index, report) {
    const nameOf = (id: string) => index.plan.networks.byId[id]!.name;
    eachRouted(index, (site, profile, table, at) => {
      for (const { rule, by, taken, wholly } of clashes(table.rules)) {
        const other = by.find((one) => one.networkId !== rule.networkId);
        if (wholly || !other) continue;
        const data = {
          site: site.name,
          earlier: ruleWords(profile, other),
          later: ruleWords(profile, rule),
          kind: rule.call,
          taken: taken.map(stretchWords).join(', '),
          winner: nameOf(other.networkId),
          loser: nameOf(rule.networkId),
        };
        report({
          message: 'overlap',
          data,
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: trimFixes(at, rule, by, data),
        });
      }
    });
  },
});
