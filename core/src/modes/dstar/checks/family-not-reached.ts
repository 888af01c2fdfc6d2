import { pairWords } from '../../../path/fact-words';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { reachingSite, takeElsewhere } from './elsewhere';
import { eachDisagreement } from './walk';

export const familyNotReached = defineCheck({
  id: 'family-not-reached',
  severity: 'broken',
  title: 'The gateway does not reach this family of reflectors',
  fact: 'family',
  docs: {
    summary: 'A channel is meant for a reflector of a family that the site’s gateway does not reach.',
    why: 'A gateway of a maker’s own reaches one family only: it answers that it cannot link, or not at all.',
    remedy:
      'Use a site that reaches the family, such as your hotspot, or a reflector of a family that this site reaches.',
    source: { kind: 'common practice', name: 'family reach is a property of the site' },
  },
  messages: {
    closed: 'The gateway of {site} reaches {has}; family {expects} is not among them.',
    open: 'The gateway of {site} reaches {has}; family {expects} is not among them. {other} reaches it.',
  },
  fixes: { move: 'Take it through {other}', drop: 'Take this want back: {other} reaches it already' },
  check(index, report) {
    eachDisagreement(index, 'family', 'gateway', (context, fact) => {
      if (fact.state !== 'broken') return;
      const site = context.site!;
      const [letters] = fact.expects as readonly [string];
      const other = reachingSite(index.plan, context.radio, letters, site.id);
      const data = { site: site.name, has: pairWords(context, fact).has, expects: letters, other: other?.name ?? '' };
      const fix = other && takeElsewhere(index.plan, context.radio.id, context.channel, other);
      report({
        message: other ? 'open' : 'closed',
        data,
        pointer: channelPointer(context, 'destination'),
        subject: channelSubject(context),
        fixes: fix && fix.patches.length > 0 ? [fix] : [],
      });
    });
  },
});
