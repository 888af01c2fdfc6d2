import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { eachRepeater, set } from './walk';

export const siteGoneFromList = defineCheck({
  id: 'site-gone-from-list',
  severity: 'doubtful',
  title: 'The repeater is no longer in its list',
  docs: {
    summary: 'A repeater was taken from a list, and a newer version of that list does not have it.',
    why: 'Mostly it was closed or moved to another frequency: channels to it reach nobody.',
    remedy: 'Look for it under another frequency, or say that you have heard it.',
    source: { kind: 'common practice', name: 'repeaters that close leave the lists' },
  },
  messages: { gone: '{site} was taken from “{list}”; the version of {has} does not have it.' },
  fixes: { heard: 'I have heard {site}: keep it' },
  check(index, report) {
    eachRepeater(index.plan, (site, pointer) => {
      const { goneOn, list } = site.listing;
      if (goneOn === null) return;
      report({
        message: 'gone',
        data: { site: site.name, list: list?.name ?? 'a list', has: goneOn },
        pointer: `${pointer}/listing/goneOn`,
        subject: { siteId: site.id },
        fixes: [{ id: 'heard', patches: [set(toPointer(['sites', 'byId', site.id, 'listing', 'goneOn']), null)] }],
      });
    });
  },
});
