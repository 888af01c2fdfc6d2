import { isRule } from '../path/fact-types';
import { pairWords } from '../path/fact-words';
import type { SaidAt } from '../path/mode-path';
import type { Fact, PathContext, TracedPath } from '../path/types';
import { toPointer } from '../plan/patches';
import type { Id } from '../plan/types';
import { defineCheck } from './check';
import { set } from './walk';

/** A value that a channel has and nobody has said of its site. */
interface Unsaid {
  context: PathContext;
  fact: Fact;
  said: SaidAt;
}

/** The pairs of a path that are a guess; `null`, as with most, for none. */
function unsaidOf({ path, context }: TracedPath): readonly Unsaid[] | null {
  let unsaid: Unsaid[] | null = null;
  const saidAt = context.index.modes[context.channel.mode].saidAt;
  for (const { hops } of [path.call, path.reply])
    for (const { noted, facts } of hops)
      for (const fact of noted ? facts : []) {
        const said = saidAt[fact.key];
        if (said && fact.noted && isRule(fact.expects) && fact.expects.rule === 'not said')
          (unsaid ??= []).push({ context, fact, said });
      }
  return context.site ? unsaid : null;
}

/** What is told of one value of a site. */
interface Guess {
  siteId: Id;
  what: string;
  value: unknown;
  words: Set<string>;
  channels: string[];
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
    const found = new Map<string, Guess>();
    for (const { context, fact, said } of index.ofPaths(unsaidOf).flatMap((one) => one ?? [])) {
      const siteId = context.site!.id;
      const pointer = toPointer(['sites', 'byId', siteId, ...said.path]);
      const { name: what, has } = pairWords(context, fact);
      const value = said.value(fact.has as never);
      const known = found.get(pointer) ?? { siteId, what, value, words: new Set<string>(), channels: [] };
      known.words.add(has);
      if (!known.channels.includes(context.channel.name)) known.channels.push(context.channel.name);
      found.set(pointer, known);
    }
    for (const [pointer, { siteId, what, words, value, channels }] of found) {
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
