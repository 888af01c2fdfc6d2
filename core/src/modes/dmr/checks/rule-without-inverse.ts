import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { recallPatches } from '../recall';
import { eachDisagreement } from './walk';
import { rulePointer } from '../routes/mend';
import { ruleWords } from '../routes/words';
import { eachRouted } from './each-routed';

export const ruleWithoutInverse = defineCheck({
  id: 'rule-without-inverse',
  severity: 'broken',
  title: 'Route rule that turns nothing back',
  fact: 'return',
  docs: {
    summary: 'What comes from the network is not turned back to the number that the radio calls.',
    why: 'You can talk, but you will not hear.',
    remedy: 'Let the rule turn replies back, and let the channel call the number under which the group comes.',
    source: { kind: 'common practice', name: 'replies come back through the inverse rule' },
  },
  messages: {
    off: '{rule} of {site} turns no reply back: you can talk to {network} and will not hear it.',
    other: 'Group {number} is static at {site} and comes unasked as {has}; the channel listens for {expects}.',
  },
  fixes: { on: 'Turn replies back', set: 'Set the channel to {has}' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      for (const rule of table.rules) {
        if (rule.reply) continue;
        const data = {
          rule: ruleWords(profile, rule),
          site: site.name,
          network: index.plan.networks.byId[rule.networkId]!.name,
        };
        const pointer = rulePointer(at, rule, 'reply');
        report({
          message: 'off',
          data,
          pointer,
          subject: { siteId: site.id, networkId: rule.networkId },
          fixes: [{ id: 'on', patches: [set(pointer, true)] }],
        });
      }
    });
    eachDisagreement(index, 'return', 'gateway', (context, fact) => {
      if (fact.has === null) return;
      const pointer = channelPointer(context, 'dmr', 'call', 'number');
      const data = {
        number: context.arrives!.number,
        site: context.site!.name,
        has: Number(fact.has),
        expects: Number(fact.expects),
      };
      report({
        message: 'other',
        data,
        pointer,
        subject: channelSubject(context),
        fixes: [
          {
            id: 'set',
            patches: recallPatches(context, { ...context.channel.dmr.call, number: Number(fact.has) }),
          },
        ],
      });
    });
  },
});
