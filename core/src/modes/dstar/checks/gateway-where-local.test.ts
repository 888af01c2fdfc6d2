import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { gatewayWhereLocal } from './gateway-where-local';

testCheck(gatewayWhereLocal, {
  plan: dstarPlan,
  valid: [
    { name: 'its own module' },
    { name: 'nothing', change: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = ' '.repeat(8)) },
  ],
  invalid: [
    {
      name: 'the gateway',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = 'QO1MRR G'),
      findings: [
        {
          message: 'gateway',
          pointer: dstarPointer('w-near', 'rpt2'),
          says: 'RPT2 is “QO1MRR·G”; for a local call at Merrin Ridge expected “QO1MRR·B”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = 'QO1MRR B') },
        },
      ],
    },
  ],
});
