import { profilePatches } from '../plan/profiles';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const announcementsInStandby = defineCheck({
  id: 'announcements-in-standby',
  severity: 'doubtful',
  title: 'A hotspot in standby speaks by itself',
  docs: {
    summary: 'A hotspot that should stay silent until someone keys up speaks announcements.',
    why: 'It transmits unasked, and a command sent meanwhile is lost.',
    remedy: 'Switch announcements off in this profile, or leave standby.',
    source: { kind: 'common practice', name: 'standby: nothing is heard until a radio calls' },
  },
  messages: { on: '{site} is in standby, and speaks announcements.' },
  fixes: { off: 'Switch announcements off' },
  check(index, report) {
    eachProfile(index.plan, (site, { standby, announcements }, at) => {
      if (!standby || announcements !== true) return;
      report({
        message: 'on',
        data: { site: site.name },
        pointer: at('announcements'),
        subject: { siteId: site.id },
        fixes: [{ id: 'off', patches: profilePatches(index.plan, site.id, (of) => void (of.announcements = false)) }],
      });
    });
  },
});
