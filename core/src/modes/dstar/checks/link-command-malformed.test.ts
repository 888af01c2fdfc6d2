import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import { linkCommandMalformed } from './link-command-malformed';

testCheck(linkCommandMalformed, {
  plan: dstarPlan,
  valid: [
    { name: 'eight characters' },
    {
      name: 'a command for something else is told of elsewhere',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = '       U'),
    },
  ],
  invalid: [
    {
      name: 'without its L',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK001C '),
      findings: [
        {
          message: 'malformed',
          pointer: dstarPointer('w-lnk-link', 'ur'),
          says: 'UR is “LNK001C”: the L in the eighth place is missing; expected “LNK001CL”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK001CL') },
        },
      ],
    },
    {
      name: 'a module that is no letter',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK0013L'),
      findings: [
        {
          message: 'malformed',
          pointer: dstarPointer('w-lnk-link', 'ur'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK001CL') },
        },
      ],
    },
    {
      name: 'unlink padded on the wrong side',
      change: (plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.ur = 'U       '),
      findings: [
        {
          message: 'malformed',
          pointer: dstarPointer('w-lnk-unlink', 'ur'),
          says: 'UR is “U”: the letter U stands in place 1, not in the eighth; expected “·······U”.',
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-lnk-unlink').dstar.ur = '       U') },
        },
      ],
    },
    {
      name: 'nothing, in a local call',
      change: (plan) => void (dstarChannel(plan, 'w-near').dstar.ur = ' '.repeat(8)),
      findings: [
        {
          message: 'malformed',
          pointer: dstarPointer('w-near', 'ur'),
          fixes: { set: (plan) => void (dstarChannel(plan, 'w-near').dstar.ur = 'CQCQCQ  ') },
        },
      ],
    },
    {
      name: 'for nothing in particular',
      change: (plan) => {
        dstarChannel(plan, 'w-near').destination = null;
        dstarChannel(plan, 'w-near').dstar.ur = 'WAV042A ';
      },
      findings: [{ message: 'unaimed', pointer: dstarPointer('w-near', 'ur') }],
    },
  ],
});
