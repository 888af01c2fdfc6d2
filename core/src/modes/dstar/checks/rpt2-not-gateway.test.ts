import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { rpt2NotGateway } from './rpt2-not-gateway';

testCheck(rpt2NotGateway, {
  plan: dstarPlan,
  valid: [
    { name: 'the gateway' },
    {
      name: 'a local call needs none',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.rpt2 = ' '.repeat(8)),
    },
  ],
  invalid: [
    {
      name: 'the module',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt2 = 'QO3VES B'),
      findings: [
        {
          message: 'module',
          pointer: dstarPointer('w-lnk-talk', 'rpt2'),
          says: 'RPT2 is “QO3VES·B”, the site’s own module; expected the gateway, “QO3VES·G”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.rpt2 = 'QO3VES G') },
        },
      ],
    },
    {
      name: 'nothing, for a command',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.rpt2 = ' '.repeat(8)),
      findings: [
        {
          message: 'empty',
          pointer: dstarPointer('w-lnk-unlink', 'rpt2'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.rpt2 = 'QO3VES G') },
        },
      ],
    },
    {
      name: 'the letter in the seventh place',
      change: (plan) => void (dstarChannel(plan, 'w-wav-talk').dstar.rpt2 = 'QO1MRRG '),
      findings: [
        {
          message: 'misplaced',
          pointer: dstarPointer('w-wav-talk', 'rpt2'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-wav-talk').dstar.rpt2 = 'QO1MRR G') },
        },
      ],
    },
    {
      name: 'another site’s gateway',
      change: (plan) => void (dstarChannel(plan, 'w-wav-talk').dstar.rpt2 = 'QO3VES G'),
      findings: [
        {
          message: 'other',
          pointer: dstarPointer('w-wav-talk', 'rpt2'),
          says: 'RPT2 is “QO3VES·G”; expected the gateway of Merrin Ridge, “QO1MRR·G”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-wav-talk').dstar.rpt2 = 'QO1MRR G') },
        },
      ],
    },
  ],
});
