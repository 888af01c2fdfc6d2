import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { eachDisagreement, set } from './walk';

export const siteOffAir = defineCheck({
  id: 'site-off-air',
  severity: 'broken',
  title: 'The repeater is off the air',
  fact: 'on-air',
  docs: {
    summary: 'A channel goes through a repeater that its list says is off the air.',
    why: 'Nothing answers there, whatever the channel holds.',
    remedy: 'Choose another repeater, or say that you heard it and when.',
  },
  messages: { off: '{site} is off the air; expected a repeater that is on.' },
  fixes: { heard: 'I have heard {site}: it is on the air' },
  check(index, report) {
    const told = new Set<string>();
    eachDisagreement(index, 'on-air', 'site', (context) => {
      const site = context.site!;
      const pointer = toPointer(['sites', 'byId', site.id, 'listing', 'status']);
      if (told.has(site.id)) return;
      told.add(site.id);
      report({
        message: 'off',
        data: { site: site.name },
        pointer,
        subject: { siteId: site.id },
        fixes: [{ id: 'heard', patches: [set(pointer, 'on the air')] }],
      });
    });
  },
});
