import { defineCheck } from '../../../checks/check';
import { set } from '../../../checks/walk';
import type { Id } from '../../../plan/types';
import { eachNote } from './walk';

export const familyReachUnsaid = defineCheck({
  id: 'family-reach-unsaid',
  severity: 'note',
  title: 'Nobody has said which families a gateway reaches',
  fact: 'family',
  docs: {
    summary: 'Reflectors are wanted through a site of which it is not known what its gateway reaches.',
    why: 'Some gateways reach one family only; whether yours is the one shows when you stand there.',
    remedy: 'Ask the site’s keeper, or look it up in a list, and enter the families it reaches.',
    source: { kind: 'common practice', name: 'family reach is a property of the site' },
  },
  messages: { unsaid: 'Nobody has said what the gateway of {site} reaches; expected {families}.' },
  fixes: { reaches: 'It reaches {families}', every: 'It reaches every family' },
  check(index, report) {
    const sites = new Map<Id, { name: string; letters: Set<string> }>();
    eachNote(index, 'family', 'gateway', ({ site }, fact) => {
      const known = sites.get(site!.id) ?? { name: site!.name, letters: new Set<string>() };
      sites.set(site!.id, known);
      for (const letters of fact.expects as readonly string[]) known.letters.add(letters);
    });
    for (const [siteId, { name, letters }] of sites) {
      const pointer = `/sites/byId/${siteId}/dstar/families`;
      const families = [...letters].sort();
      report({
        message: 'unsaid',
        data: { site: name, families: families.join(' and ') },
        pointer,
        subject: { siteId },
        fixes: [
          { id: 'reaches', patches: [set(pointer, families)] },
          { id: 'every', patches: [set(pointer, null)] },
        ],
      });
    }
  },
});
