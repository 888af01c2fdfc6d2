import { fingerprintOf } from '../settings/fingerprint';
import type { Hotspot, Plan } from '../plan/types';
import { testCheck } from '../testing/check-tester';
import { profileOf } from '../testing/profile-of';
import { backupOutdated } from './backup-outdated';

const kept = (plan: Plan) =>
  void ((plan.sites.byId['s1'] as Hotspot).backup = { on: '2026-11-01', of: fingerprintOf(plan, 's1') });

testCheck(backupOutdated, {
  valid: [{ name: 'no copy was ever kept, or nobody has said' }, { name: 'nothing was changed since', change: kept }],
  invalid: [
    {
      name: 'a hang time was changed since',
      change: (plan) => (kept(plan), void (profileOf(plan, 's1').hang.radioS = 20)),
      findings: [
        {
          message: 'older',
          pointer: '/sites/byId/s1/backup',
          says: 'The copy of Home is of 2026-11-01; its settings were changed here since.',
        },
      ],
    },
  ],
});
