import { testCheck } from '../../../testing/check-tester';
import { p25Channel, p25Plan, p25Pointer } from '../../../testing/sample-p25';
import { channelsAt } from '../../../testing/sample-plan';
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
    {
      name: 'the hotspot was changed',
      change: (plan) => void (plan.sites.byId['s1']!.p25!.nac = 0x2a0),
      findings: channelsAt(p25Plan(), 'r4').map(({ id }) => ({
        message: 'differs',
        pointer: `/codeplugs/r4/channels/byId/${id}/p25/nac`,
        fixes: {
          set: (plan) => void (p25Channel(plan, id.slice('ch-'.length)).p25.nac = 0x2a0),
          site: (plan) => void (plan.sites.byId['s1']!.p25!.nac = 0x293),
        },
      })),
    },
  ],
});
