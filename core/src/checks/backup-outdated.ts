import { hotspotsOf } from '../plan/sites';
import { toPointer } from '../plan/patches';
import { fingerprintOf } from '../settings/fingerprint';
import { defineCheck } from './check';

export const backupOutdated = defineCheck({
  id: 'backup-outdated',
  severity: 'note',
  title: 'Copy of a hotspot older than its settings',
  docs: {
    summary: 'A copy of a hotspot’s card or settings was kept, and its settings were changed here since.',
    why: 'When the card fails, what comes back is what was before.',
    remedy: 'Once the changes are on the hotspot, keep another copy and say so.',
    source: { kind: 'common practice', name: 'back up the card before changes, and when they work' },
  },
  messages: { older: 'The copy of {site} is of {on}; its settings were changed here since.' },
  fixes: {},
  check(index, report) {
    for (const site of hotspotsOf(index.plan)) {
      if (!site.backup || site.backup.of === fingerprintOf(index.plan, site.id)) continue;
      report({
        message: 'older',
        data: { site: site.name, on: site.backup.on },
        pointer: toPointer(['sites', 'byId', site.id, 'backup']),
        subject: { siteId: site.id },
      });
    }
  },
});
