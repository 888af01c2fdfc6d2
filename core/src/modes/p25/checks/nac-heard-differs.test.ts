import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { nacHeardDiffers } from './nac-heard-differs';

testCheck(nacHeardDiffers, {
  plan: p25Plan,
  valid: [
    { name: 'the site’s' },
    { name: 'any', change: (plan) => void (p25Channel(plan, 'w-all').p25.nacRx = 0xf7e) },
    {
      name: 'its own, through what passes any',
      change: (plan) => {
        plan.sites.byId['rp6']!.p25!.nac = 0xf7f;
      },
    },
  ],
  invalid: [
    {
      name: 'another',
      change: (plan) => void (p25Channel(plan, 'w-all').p25.nacRx = 0x293),
      findings: [
        {
          message: 'differs',
          pointer: p25Pointer('w-all', 'nacRx'),
          says: 'The channel opens on NAC 293; Tarn Hill sends 2A1.',
          fixes: { set: (plan) => void (p25Channel(plan, 'w-all').p25.nacRx = 0x2a1) },
        },
      ],
    },
  ],
});
