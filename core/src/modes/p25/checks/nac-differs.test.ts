import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { nacDiffers } from './nac-differs';

testCheck(nacDiffers, {
  plan: p25Plan,
  valid: [
    { name: 'the site’s' },
    {
      name: 'a site that passes any',
      change: (plan) => {
        plan.sites.byId['rp6']!.p25!.nac = 0xf7f;
      },
    },
    { name: 'a special one is told of elsewhere', change: (plan) => void (p25Channel(plan, 'w-all').p25.nac = 0xf7e) },
  ],
  invalid: [
    {
      name: 'the hotspot’s at a repeater',
      change: (plan) => void (p25Channel(plan, 'w-all').p25.nac = 0x293),
      findings: [
        {
          message: 'differs',
          pointer: p25Pointer('w-all', 'nac'),
          says: 'The channel sends NAC 293; Tarn Hill takes 2A1.',
          fixes: { set: (plan) => void (p25Channel(plan, 'w-all').p25.nac = 0x2a1) },
        },
      ],
    },
  ],
});
