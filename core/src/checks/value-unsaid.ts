import { isRule } from '../path/fact-types';
import { pairWords } from '../path/fact-words';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { set } from './walk';

export const valueUnsaid = defineCheck({
  id: 'value-unsaid',
  severity: 'note',
  title: 'Nobody has said a value of the site',
  docs: {
    summary:
      'A channel is held against a value that neither a list nor you have said of its site: color code, tone, access code, group, width or module. The channel’s own value is a guess: the usual one, or what was typed.',
    why: 'It may be right; if the site does not answer, look here first.',
    remedy: 'Look it up, ask the site’s keeper, or try it and say that it works.',
    source: { kind: 'common practice', name: 'what a list does not say is unknown, not a default' },
  },
  messages: { unsaid: 'The {what} of {site} is not said; {channels} {verb} {has}, a guess.' },
  fixes: { is: 'It is {has}' },
  check(index, report) {
    const found = new Map<
      string,
      { pointer: string; siteId: string; what: string; has: Set<string>; value: unknown; channels: string[] }
    >();
    for (const { path, context } of index.paths()) {
      const { site, channel } = context;
      if (!site) continue;
      const said = index.modes[channel.mode].saidAt;
      for (const hop of [...path.call.hops, ...path.reply.hops]) {
        if (!hop.noted) continue;
        for (const fact of hop.facts) {
          const at = said[fact.key];
          if (!at || !fact.noted || !isRule(fact.expects) || fact.expects.rule !== 'not said') continue;
          const pointer = toPointer(['sites', 'byId', site.id, ...at.path]);
          const { name, has } = pairWords(context, fact);
          const known = found.get(pointer) ?? {
            pointer,
            siteId: site.id,
            what: name,
            has: new Set<string>(),
            value: at.value(fact.has as never),
            channels: [],
          };
          known.has.add(has);
          if (!known.channels.includes(channel.name)) known.channels.push(channel.name);
          found.set(pointer, known);
        }
      }
    }
    for (const { pointer, siteId, what, has, value, channels } of found.values()) {
      const words = [...has].join(' and ');
      report({
        message: 'unsaid',
        data: {
          what,
          site: index.plan.sites.byId[siteId]!.name,
          channels: channels.length === 1 ? `“${channels[0]}”` : `${channels.length} channels`,
          verb: channels.length === 1 ? 'has' : 'have',
          has: words,
        },
        pointer,
        subject: { siteId },
        // Where channels differ among themselves, one of them is wrong: nothing to confirm.
        fixes: has.size === 1 ? [{ id: 'is', patches: [set(pointer, value)] }] : [],
      });
    }
  },
});
