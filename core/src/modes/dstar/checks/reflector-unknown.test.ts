import { testCheck } from '../../../testing/check-tester';
import { dstarChannel, dstarPlan, dstarPointer } from '../../../testing/sample-dstar';
import type { Plan } from '../../../plan/types';
import { networkOf } from '../../../plan/networks';
import type { Family } from '../links';
import { reflectorUnknown } from './reflector-unknown';

function familyOf(plan: Plan): Family {
  return networkOf(plan, 'dstar', 'f1')!;
}

testCheck(reflectorUnknown, {
  plan: dstarPlan,
  valid: [
    { name: 'in the directory' },
    {
      name: 'whose modules nobody has listed',
      change: (plan) => void (familyOf(plan).reflectors.byId['lnk1']!.modules = ''),
    },
  ],
  invalid: [
    {
      name: 'a reflector that is not in it',
      change: (plan) => {
        dstarChannel(plan, 'w-lnk-link').destination = null;
        dstarChannel(plan, 'w-lnk-link').dstar.ur = 'LNK777CL';
      },
      findings: [
        {
          message: 'unknown',
          pointer: dstarPointer('w-lnk-link', 'ur'),
          says: 'LNK777 C is in no directory of the plan.',
        },
      ],
    },
    {
      name: 'a module that it does not have',
      change: (plan) => void (familyOf(plan).reflectors.byId['lnk1']!.modules = 'AB'),
      findings: [
        {
          message: 'module',
          pointer: dstarPointer('w-lnk-link', 'ur'),
          says: 'The directory lists LNK001 A, B; found LNK001 C.',
        },
        { message: 'module', pointer: dstarPointer('w-lnk-talk', 'ur') },
      ],
    },
  ],
});
