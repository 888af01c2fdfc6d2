import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const defaultPasswordKept = defineCheck({
  id: 'default-password-kept',
  severity: 'doubtful',
  title: 'Default password kept',
  docs: {
    summary: 'The hotspot’s own settings page still has the password it was delivered with.',
    why: 'Anyone who reaches the page can transmit in your name.',
    remedy: 'Change the password on the hotspot, then say so here. Keep the page off the open internet.',
    source: { kind: 'common practice', name: 'change the default password before the hotspot goes on a network' },
  },
  messages: { kept: '{site} has its default password; expected one of your own.' },
  fixes: { changed: 'I have changed it' },
  check(index, report) {
    eachProfile(index.plan, (site, { adminPassword, pagePublic }, at) => {
      // A page that is open is another matter.
      if (adminPassword !== 'default' || pagePublic === true) return;
      report({
        message: 'kept',
        data: { site: site.name },
        pointer: at('adminPassword'),
        subject: { siteId: site.id },
        fixes: [
          { id: 'changed', patches: profilePatches(index.plan, site.id, (of) => void (of.adminPassword = 'changed')) },
        ],
      });
    });
  },
});
