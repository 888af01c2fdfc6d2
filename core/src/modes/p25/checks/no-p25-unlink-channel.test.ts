import { addedLike } from '../../../testing/added-channel';
import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { newNetwork } from '../../../plan/create';
import { putRow, removeRow } from '../../../plan/table';
import { noP25UnlinkChannel } from './no-p25-unlink-channel';

const gone = (part: string) => (plan: ReturnType<typeof p25Plan>) =>
  removeRow(plan.codeplugs['r4']!.channels, `ch-${part}`);

testCheck(noP25UnlinkChannel, {
  plan: p25Plan,
  valid: [
    { name: 'one at each site' },
    {
      name: 'nothing is called',
      change: (plan) => {
        gone('w-all')(plan);
        gone('w-all-unlink')(plan);
      },
    },
    {
      name: 'what is not reached is told of as that',
      change: (plan) => {
        gone('w-all-unlink')(plan);
        putRow(plan.networks, newNetwork('p25', 'p2', 'Undertow'));
        plan.sites.byId['rp6']!.p25!.networkIds = ['p2'];
      },
    },
  ],
  invalid: [
    {
      name: 'none at one',
      change: gone('w-all-unlink'),
      findings: [
        {
          message: 'none',
          pointer: '/codeplugs/r4/channels',
          says: 'Portable calls All Isles through Tarn Hill and has no channel for group 9999, the way out.',
          fixes: { add: addedLike(p25Plan(), 'r4', 'ch-w-all-unlink', 'ch-unlink', 'ch-w-all') },
        },
      ],
    },
  ],
});
