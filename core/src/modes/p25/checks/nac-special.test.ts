import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { nacSpecial } from './nac-special';

const sends = (part: string, nac: number) => (plan: ReturnType<typeof p25Plan>) =>
  void (p25Channel(plan, part).p25.nac = nac);
const pointer = p25Pointer('w-all', 'nac');

testCheck(nacSpecial, {
  plan: p25Plan,
  valid: [
    { name: 'codes of their own' },
    { name: 'F7E heard', change: (plan) => void (p25Channel(plan, 'w-all').p25.nacRx = 0xf7e) },
  ],
  invalid: [
    {
      name: 'F7E sent',
      change: sends('w-all', 0xf7e),
      findings: [
        {
          message: 'any',
          pointer,
          says: 'The channel sends F7E, which only opens a receiver for any code; expected 2A1.',
          fixes: { set: sends('w-all', 0x2a1) },
        },
      ],
    },
    {
      name: 'F7F sent to a repeater that passes any',
      change: (plan) => {
        sends('w-all', 0xf7f)(plan);
        plan.sites.byId['rp6']!.p25!.nac = 0xf7f;
        for (const part of ['w-all-unlink', 'w-hill']) p25Channel(plan, part).p25.nacRx = 0xf7e;
      },
      findings: [
        {
          message: 'pass',
          pointer,
          says: 'The channel sends F7F, which is for repeaters that pass any code; expected 293.',
          fixes: { set: sends('w-all', 0x293) },
        },
      ],
    },
  ],
});
