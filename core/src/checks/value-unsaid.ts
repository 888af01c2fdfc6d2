import { isRule } from '../path/fact-types';
import { pairWords } from '../path/fact-words';
import type { TracedPath } from '../path/types';
import { toPointer } from '../plan/patches';
import type { Id } from '../plan/types';
import { defineCheck } from './check';
import { set } from './walk';

/** A value that a channel has and nobody has said of its site. */
interface Unsaid {
  pointer: string;
  siteId: Id;
  what: string;
  has: string;
  value: unknown;
  channel: string;
}

function unsaidOf({ path, context }: TracedPath): Unsaid[] {
  const { site, channel, index } = context;
  if (!site) return [];
  const said = index.modes[channel.mode].saidAt;
  return [...path.call.hops, ...path.reply.hops].flatMap((hop) => {
    if (!hop.noted) return [];
    return hop.facts.flatMap((fact): Unsaid[] => {
      const at = said[fact.key];
      if (!at || !fact.noted || !isRule(fact.expects) || fact.expects.rule !== 'not said') return [];
      const { name, has } = pairWords(context, fact);
      return [
        {
          pointer: toPointer(['sites', 'byId', site.id, ...at.path]),
          siteId: site.id,
          what: name,
          has,
          value: at.value(fact.has as never),
          channel: channel.name,
        },
      ];
    });
  });
}

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
    const found = new Map<string, Unsaid & { words: Set<string>; channels: string[] }>();
    for (const one of index.eachPath(unsaidOf).flat()) {
      const known = found.get(one.pointer) ?? { ...one, words: new Set<string>(), channels: [] };
      known.words.add(one.has);
      if (!known.channels.includes(one.channel)) known.channels.push(one.channel);
      found.set(one.pointer, known);
    }
    for (const { pointer, siteId, what, words, value, channels } of found.values()) {
      report({
        message: 'unsaid',
        data: {
          what,
          site: index.plan.sites.byId[siteId]!.name,
          channels: channels.length === 1 ? `“${channels[0]}”` : `${channels.length} channels`,
          verb: channels.length === 1 ? 'has' : 'have',
          has: [...words].join(' and '),
        },
        pointer,
        subject: { siteId },
        // Where channels differ among themselves, one of them is wrong: nothing to confirm.
        fixes: words.size === 1 ? [{ id: 'is', patches: [set(pointer, value)] }] : [],
      });
    }
  },
});
