import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const settingsPagePublic = defineCheck({
  id: 'settings-page-public',
  severity: 'doubtful',
  title: 'Settings page open to the internet',
  docs: {
    summary: 'The hotspot’s settings page can be reached from the open internet.',
    why: 'A password can be guessed or leak; whoever has it transmits in your name.',
    remedy: 'Close it at the router, and reach the page from your own network only.',
    source: { kind: 'common practice', name: 'keep the page private' },
  },
  messages: { open: 'The settings page of {site} is open to the internet; expected your own network only.' },
  fixes: { closed: 'I have closed it' },
  check(index, report) {
    eachProfile(index.plan, (site, { adminPassword, pagePublic }, at) => {
      // With its default password that is told of as the graver fault.
      if (pagePublic !== true || adminPassword === 'default') return;
      report({
        message: 'open',
        data: { site: site.name },
        pointer: at('pagePublic'),
        subject: { siteId: site.id },
        fixes: [{ id: 'closed', patches: profilePatches(index.plan, site.id, (of) => void (of.pagePublic = false)) }],
      });
    });
  },
});
