import { addedLike } from '../../../testing/added-channel';
import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import { removeRow } from '../../../plan/table';
import { noUnlinkEntry } from './no-unlink-entry';

testCheck(noUnlinkEntry, {
  plan: dstarPlan,
  valid: [
    { name: 'one at each site' },
    {
      name: 'nothing links',
      change: (plan) => {
        for (const part of ['link', 'unlink']) removeRow(plan.codeplugs['r2']!.channels, `ch-w-wav-${part}`);
      },
    },
  ],
  invalid: [
    {
      name: 'none at one',
      change: (plan) => removeRow(plan.codeplugs['r2']!.channels, 'ch-w-lnk-unlink'),
      findings: [
        {
          message: 'none',
          pointer: '/codeplugs/r2/channels',
          says: 'Pilot links Home to LNK001 and has no entry that unlinks it.',
          fixes: { add: addedLike(dstarPlan(), 'r2', 'ch-w-lnk-unlink', 'ch-unlink', 'ch-w-lnk-link') },
        },
      ],
    },
  ],
});
