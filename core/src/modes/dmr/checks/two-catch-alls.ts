import { defineCheck } from '../../../checks/check';
import { removeRule, rulePointer } from '../routes/mend';
import { ruleWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const twoCatchAlls = defineCheck({
  id: 'two-catch-alls',
  severity: 'doubtful',
  title: 'Two catch-alls for the same calls',
  docs: {
    summary: 'A hotspot has more than one catch-all for groups, or for private calls.',
    why: 'The first takes everything; whoever trusts the second talks on another network than they think.',
    remedy: 'Keep the one to the network that the rest should go to.',
    source: { kind: 'common practice', name: 'route rules: the first match wins' },
  },
  messages: {
    second: '{rule} of {site} to {network} never takes a call: {first} to {winner} takes every {kind} call.',
  },
  fixes: { remove: 'Remove the second' },
  check(index, report) {
    const nameOf = (id: string) => index.plan.networks.byId[id]!.name;
    eachRouted(index, (site, profile, table, at) => {
      for (const kind of ['group', 'private'] as const) {
        const [first, ...more] = table.rules.filter((rule) => rule.call === kind && rule.range === null);
        for (const rule of more) {
          const data = {
            rule: ruleWords(profile, rule),
            site: site.name,
            network: nameOf(rule.networkId),
            first: ruleWords(profile, first!),
            winner: nameOf(first!.networkId),
            kind,
          };
          report({
            message: 'second',
            data,
            pointer: rulePointer(at, rule),
            subject: { siteId: site.id, networkId: rule.networkId },
            fixes: [{ id: 'remove', patches: removeRule(at, profile, rule) }],
          });
        }
      }
    });
  },
});
