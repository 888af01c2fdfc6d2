import { testCheck } from '../../../testing/check-tester';
import { p25Plan } from '../../../testing/sample-p25';
import { newNetwork } from '../../../plan/create';
import { putRow } from '../../../plan/table';
import { p25NetworkNotReached } from './p25-network-not-reached';

const other = (plan: ReturnType<typeof p25Plan>) => {
  putRow(plan.networks, newNetwork('p25', 'p2', 'Undertow'));
  plan.sites.byId['rp6']!.p25!.networkIds = ['p2'];
};
const at = (part: string) => `/codeplugs/r4/channels/byId/ch-${part}/destination`;

testCheck(p25NetworkNotReached, {
  plan: p25Plan,
  valid: [
    { name: 'reached' },
    { name: 'unsaid is told of elsewhere', change: (plan) => void (plan.sites.byId['rp6']!.p25!.networkIds = []) },
  ],
  invalid: [
    {
      name: 'another is reached',
      change: other,
      findings: [
        {
          message: 'other',
          pointer: at('w-all'),
          says: 'Group 5880 is on Foghorn; Tarn Hill reaches Undertow. Home reaches it.',
        },
        { message: 'other', pointer: at('w-all-unlink') },
      ],
    },
    {
      name: 'nobody reaches it',
      change: (plan) => {
        other(plan);
        plan.sites.byId['s1']!.p25!.networkIds = [];
      },
      findings: [
        { message: 'alone', pointer: at('w-all'), says: 'Group 5880 is on Foghorn; Tarn Hill reaches Undertow.' },
        { message: 'alone', pointer: at('w-all-unlink') },
      ],
    },
  ],
});
