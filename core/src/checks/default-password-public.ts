import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const defaultPasswordPublic = defineCheck({
  id: 'default-password-public',
  severity: 'broken',
  title: 'Default password on a page that is open to the internet',
  docs: {
    summary:
      'The hotspot’s settings page can be reached from the open internet, with the password it was delivered with.',
    why: 'Whoever finds it transmits in your name: such pages are looked for all day.',
    remedy: 'Close the page, and change the password on the hotspot; then say so here.',
    source: { kind: 'common practice', name: 'change the default password; keep the page private' },
  },
  messages: { open: '{site} has its default password, and its settings page is open to the internet.' },
  fixes: { closed: 'I have closed it and changed the password' },
  check(index, report) {
    eachProfile(index.plan, (site, { adminPassword, pagePublic }, at) => {
      if (adminPassword !== 'default' || pagePublic !== true) return;
      report({
        message: 'open',
        data: { site: site.name },
        pointer: at('pagePublic'),
        subject: { siteId: site.id },
        fixes: [
          {
            id: 'closed',
            patches: profilePatches(index.plan, site.id, (of) => {
              of.adminPassword = 'changed';
              of.pagePublic = false;
            }),
          },
        ],
      });
    });
  },
});
