import { defineCheck } from '../../../checks/check';
import { shadows } from '../routes/claims';
import { moveBefore, rulePointer } from '../routes/mend';
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
  fixes: { move: 'Let {loser} have them' },
  check(index, report) {
    const nameOf = (id: string) => index.plan.networks.byId[id]!.name;
    eachRouted(index, (site, profile, table, at) => {
      for (const { rule, by, taken, wholly } of shadows(table.rules)) {
        const other = by.find((one) => one.networkId !== rule.networkId);
        if (wholly || rule.range === null || !other || by.some((one) => one.range === null)) continue;
        report({
          message: 'overlap',
          data: {
            site: site.name,
            earlier: ruleWords(profile, other),
            later: ruleWords(profile, rule),
            kind: rule.call,
            taken: taken.map(stretchWords).join(', '),
            winner: nameOf(other.networkId),
            loser: nameOf(rule.networkId),
          },
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [{ id: 'move', patches: moveBefore(at, profile, rule, by[0]!) }],
        });
      }
    });
  },
});
