import { testCheck } from '../../../testing/check-tester';
import { HEAD, headChannel, sitesPlan } from '../../../testing/sample-sites';
import { wideAreaGroupOnRepeater } from './wide-area-group-on-repeater';
import { dmrNetwork } from '../networks';

testCheck(wideAreaGroupOnRepeater, {
  plan: sitesPlan,
  valid: [
    { name: 'a group of the place' },
    {
      name: 'bound there by its keeper',
      change: (plan) => void (dmrNetwork(plan, 'n1')!.groups.byId['g1']!.category = 'world'),
    },
    {
      name: 'through one’s own hotspot',
      change: (plan) => {
        dmrNetwork(plan, 'n1')!.groups.byId['g3']!.category = 'world';
      },
    },
  ],
  invalid: [
    {
      name: 'keyed where it is dynamic',
      change: (plan) => {
        dmrNetwork(plan, 'n1')!.groups.byId['g3']!.category = 'nation';
        headChannel(plan).dmr.call.number = 591;
        headChannel(plan).dmr.slot = 2;
      },
      findings: [
        {
          message: 'wide',
          pointer: `${HEAD}/dmr/call/number`,
          says: 'Group 591 is nationwide; Hask Head is shared, expected a group of its area.',
        },
      ],
    },
  ],
});
