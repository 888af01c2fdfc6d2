import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { urDiffers } from './ur-differs';

testCheck(urDiffers, {
  plan: dstarPlan,
  valid: [
    { name: 'what is meant' },
    {
      name: 'its own link command is told of elsewhere',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-talk').dstar.ur = 'LNK001CL'),
    },
    {
      name: 'meant for nothing in particular',
      change: (plan) => {
        dstarChannel(plan, 'w-lnk-talk').destination = null;
        dstarChannel(plan, 'w-lnk-talk').dstar.ur = '       E';
      },
    },
  ],
  invalid: [
    {
      name: 'another module',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK001AL'),
      findings: [
        {
          message: 'differs',
          pointer: dstarPointer('w-lnk-link', 'ur'),
          says: 'UR is “LNK001AL”; the channel is meant for “LNK001CL”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK001CL') },
        },
      ],
    },
    {
      name: 'unlink that asks for the status',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.ur = '       I'),
      findings: [
        {
          message: 'differs',
          pointer: dstarPointer('w-lnk-unlink', 'ur'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.ur = '       U') },
        },
      ],
    },
    {
      name: 'a station, in a local call',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.ur = 'QO4TAM  '),
      findings: [
        {
          message: 'differs',
          pointer: dstarPointer('w-near', 'ur'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.ur = 'CQCQCQ  ') },
        },
      ],
    },
  ],
});
