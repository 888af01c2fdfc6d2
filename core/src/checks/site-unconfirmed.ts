import { CONFIRMED_DAYS, daysBetween } from '../path/common-facts';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { eachDisagreement, set } from './walk';

export const siteUnconfirmed = defineCheck({
  id: 'site-unconfirmed',
  severity: 'doubtful',
  title: 'Nobody has confirmed the repeater for long',
  fact: 'confirmed',
  docs: {
    summary: 'A channel goes through a repeater that nobody has confirmed for more than a year.',
    why: 'Repeaters move, close and change their tones; lists are the last to know.',
    remedy: 'Listen for it, or ask somebody near it, then say so.',
    source: { kind: 'from memory', name: `${CONFIRMED_DAYS} days without word` },
  },
  messages: { long: '{site} was last confirmed on {has}, {days} days ago; expected within {most}.' },
  fixes: { heard: 'I have heard {site} today' },
  check(index, report) {
    const told = new Set<string>();
    eachDisagreement(index, 'confirmed', 'site', (context, fact) => {
      const site = context.site!;
      const { today } = index;
      if (told.has(site.id) || today === null) return;
      told.add(site.id);
      const pointer = toPointer(['sites', 'byId', site.id, 'listing', 'confirmedOn']);
      const data = {
        site: site.name,
        has: String(fact.has),
        days: daysBetween(String(fact.has), today),
        most: CONFIRMED_DAYS,
      };
      report({
        message: 'long',
        data,
        pointer,
        subject: { siteId: site.id },
        fixes: [{ id: 'heard', patches: [set(pointer, today)] }],
      });
    });
  },
});
