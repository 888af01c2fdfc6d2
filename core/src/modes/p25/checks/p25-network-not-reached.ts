import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, wordsOf } from '../../../checks/walk';
import { rows } from '../../../plan/table';
import { groupFor } from '../links';
import { eachDisagreement } from './walk';

export const p25NetworkNotReached = defineCheck({
  id: 'p25-network-not-reached',
  severity: 'broken',
  title: 'The site does not reach this P25 network',
  fact: 'p25-network',
  docs: {
    summary: 'A channel is meant for a group of a P25 network that its site’s gateway does not reach.',
    why: 'The site hears you, and the group cannot be reached there.',
    remedy: 'Use a site that reaches the network, or a group of a network that this site reaches.',
    source: { kind: 'common practice', name: 'which network a site reaches is a property of the site' },
  },
  messages: {
    alone: '{group} is on {expects}; {site} reaches {has}.',
    other: '{group} is on {expects}; {site} reaches {has}. {other} reaches it.',
  },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'p25-network', 'gateway', (context, fact) => {
      if (fact.state !== 'broken') return;
      const wanted = groupFor(index.plan, context.channel.destination)!;
      const other = rows(index.plan.sites).find((site) => site.p25?.networkIds.includes(wanted.network.id));
      report({
        message: other ? 'other' : 'alone',
        data: {
          group: `Group ${wanted.number}`,
          ...wordsOf(context, fact),
          site: context.site!.name,
          other: other?.name ?? '',
        },
        pointer: channelPointer(context, 'destination'),
        subject: channelSubject(context),
      });
    });
  },
});
