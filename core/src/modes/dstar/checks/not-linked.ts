import { pairWords } from '../../../path/fact-words';
import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { rows } from '../../../plan/table';
import type { Channel } from '../../../plan/types';
import { type DstarContext, eachDisagreement } from './walk';

/** The entry of the radio that is meant to link there: what is wrong with it is told at that entry. */
function entryInNeed({ codeplug, channel, site }: DstarContext): Channel | undefined {
  const target = channel.destination;
  if (target?.kind !== 'reflector' || target.use === 'link') return undefined;
  return rows(codeplug.channels).find(
    ({ destination, siteId }) =>
      siteId === site!.id &&
      destination?.kind === 'reflector' &&
      destination.use === 'link' &&
      destination.reflectorId === target.reflectorId &&
      destination.module === target.module,
  );
}

export const notLinked = defineCheck({
  id: 'not-linked',
  severity: 'broken',
  title: 'The site is not linked there, and nothing links it',
  fact: 'link',
  docs: {
    summary:
      'A channel is meant for a reflector that its site is not linked to, and the radio has no entry that links it.',
    why: 'Your call stays at the site, or goes to whatever it is linked to; nothing comes from the reflector.',
    remedy: 'Build the link entry from the want, or let the hotspot link there at start.',
    source: { kind: 'common practice', name: 'link first, then talk' },
  },
  messages: {
    nothing: '{site} is linked to nothing; expected {expects}, and {radio} has no entry that links it.',
    entry: '{site} is not linked to {expects}: {entry}, which is meant to link it, does not.',
    elsewhere: '{site} is linked to {has}; expected {expects}, and {radio} has no entry that links it.',
  },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'link', 'gateway', (context, fact) => {
      if (fact.state !== 'broken') return;
      const { has, expects } = pairWords(context, fact);
      const entry = entryInNeed(context);
      const data = { site: context.site!.name, has, expects, radio: context.radio.name, entry: entry?.name ?? '' };
      const nothing = fact.has.is === 'linked' && fact.has.to === null;
      report({
        message: entry ? 'entry' : nothing ? 'nothing' : 'elsewhere',
        data,
        pointer: channelPointer(context, 'destination'),
        subject: channelSubject(context),
      });
    });
  },
});
