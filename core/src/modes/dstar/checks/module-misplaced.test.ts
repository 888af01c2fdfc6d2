import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { moduleMisplaced } from './module-misplaced';

testCheck(moduleMisplaced, {
  plan: dstarPlan,
  valid: [
    { name: 'in the eighth place' },
    {
      name: 'another site is told of elsewhere',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO1MRR B'),
    },
  ],
  invalid: [
    {
      name: 'in the seventh',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VESB '),
      findings: [
        {
          message: 'misplaced',
          pointer: dstarPointer('w-lnk-talk', 'rpt1'),
          says: 'RPT1 is “QO3VESB”; Home expects “QO3VES·B”, the letter in the eighth place.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt1 = 'QO3VES B') },
        },
      ],
    },
    {
      name: 'none',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt1 = 'QO1MRR  '),
      findings: [
        {
          message: 'missing',
          pointer: dstarPointer('w-near', 'rpt1'),
          says: 'RPT1 is “QO1MRR” without a letter; Merrin Ridge expects “QO1MRR·B”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt1 = 'QO1MRR B') },
        },
      ],
    },
  ],
});
