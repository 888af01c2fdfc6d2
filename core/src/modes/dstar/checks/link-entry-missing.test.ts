import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { removeRow } from '../../../plan/table';
import { linkEntryMissing } from './link-entry-missing';

testCheck(linkEntryMissing, {
  plan: dstarPlan,
  valid: [
    { name: 'an entry links it' },
    {
      name: 'a hotspot is told of elsewhere',
      change: (plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-link'),
    },
  ],
  invalid: [
    {
      name: 'none',
      change: (plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-wav-link'),
      findings: [
        {
          message: 'unsaid',
          pointer: '/codeplugs/r2/channels/byId/ch-w-wav-talk/destination',
          says: 'Nobody has said what Merrin Ridge is linked to; expected WAV042 A, and Pilot has no entry that links it.',
        },
      ],
    },
  ],
});
