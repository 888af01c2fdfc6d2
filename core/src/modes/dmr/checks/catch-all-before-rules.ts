import { defineCheck } from '../../../checks/check';
import { moveToEnd, rulePointer } from '../routes/mend';
import { ruleWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const catchAllBeforeRules = defineCheck({
  id: 'catch-all-before-rules',
  severity: 'broken',
  title: 'Catch-all before other rules',
  docs: {
    summary: 'A catch-all stands before rules for the same kind of call.',
    why: 'It takes every call, so the rules after it never do: your voice goes to its network under the number you sent.',
    remedy: 'Put the catch-all last.',
    source: { kind: 'common practice', name: 'route rules: the first match wins' },
  },
  messages: { before: '{rule} of {site} to {network} takes every {kind} call; {swallowed} behind it {verb} nothing.' },
  fixes: { move: 'Move the catch-all to the end' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      table.rules.forEach((rule, place) => {
        if (rule.range !== null) return;
        const behind = table.rules.slice(place + 1).filter((other) => other.call === rule.call && other.range !== null);
        if (behind.length === 0) return;
        const data = {
          rule: ruleWords(profile, rule),
          site: site.name,
          network: index.plan.networks.byId[rule.networkId]!.name,
          kind: rule.call,
          swallowed: behind.map((other) => ruleWords(profile, other)).join(' and '),
          verb: behind.length === 1 ? 'takes' : 'take',
        };
        report({
          message: 'before',
          data,
          pointer: rulePointer(at, rule),
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [{ id: 'move', patches: moveToEnd(at, profile, rule) }],
        });
      });
    });
  },
});
